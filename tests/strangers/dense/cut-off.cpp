#include <iostream>
#include <cmath>
using namespace std;
int main() {
    const int n = 3;
    double a = 7.5, b = -2;
    cout << trunc(a) << " " << trunc(a / b) << " " << trunc(-0.5 * a) << " " << trunc(7 / 2) << " " << n << endl;
    cout << trunc(-0.3) << endl;
}
