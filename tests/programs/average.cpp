#include <iostream>
#include <vector>
using namespace std;

int main() {
    vector<int> heights = {12, 15, 9, 22, 18};
    int total = 0;
    for (int height : heights) {
        total += height;
    }
    cout << total / 5 << endl;
    cout << total / 5.0 << endl;
}
