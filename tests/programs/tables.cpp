#include <iostream>
using namespace std;

int main() {
    for (int row = 1; row <= 3; row++) {
        for (int column = 1; column <= 5; column++) {
            cout << row * column << " ";
        }
        cout << endl;
    }
    return 0;
}
