#include <algorithm>
#include <iostream>
using namespace std;

int twice(int x) { return 2 * x; }

int main() {
    int n;
    cout << twice(n = 3) << " " << n << endl;
    int most = max(n = 9, 4);
    cout << most << n << endl;
    n += 2;
    cout << twice(n *= 2) << endl;
    cout << n << endl;
}
