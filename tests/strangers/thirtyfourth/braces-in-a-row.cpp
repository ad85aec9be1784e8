#include <iostream>
#include <vector>
using namespace std;
int main() {
    int b = 1;
    { vector<int> all = {1, 2}; for (auto k : all) cout << k; } cout << b;
    { vector<int> all = {1, 2}; for (auto k : all) { cout << k; if (k > 1) { b++; } } } cout << b;
    { cout << 3; } { cout << 4; if (b) { cout << 5; } else { cout << 6; } } { while (b < 5) { b++; } }
    { { cout << 7; { cout << 8; } } }
    cout << endl;
}
