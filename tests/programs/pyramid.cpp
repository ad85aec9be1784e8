#include <iostream>
#include <string>
using namespace std;
int main() {
    int height = 4;
    for (int row = 1; row <= height; row++) {
        for (int s = 0; s < height - row; s++) cout << ' ';
        cout << string(2 * row - 1, '*') << endl;
    }
    return 0;
}
