#include <iostream>
using namespace std;
int f(long long a) { return a; }
int main() {
    long long big = 5000000000;
    int x = big;
    cout << x << endl;
    cout << f(big) << endl;
    int y; y = big + 1; cout << y << endl;
    int z = (int)big; cout << z << endl;
    int w = static_cast<int>(big * 2); cout << w << endl;
}
