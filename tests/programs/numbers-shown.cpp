#include <iostream>
#include <cmath>
using namespace std;
int main() {
    cout << 10 / 2 << " " << 7 / 2 << " " << 7 / 2.0 << " " << 7 % 2 << " " << -7 / 2 << " " << -7 % 3 << endl;
    cout << 0.1 + 0.2 << " " << 1e21 << " " << 123456789.123 << " " << 1e-5 << " " << 1.0 / 3 << " " << 100.0 << " " << 2.50 << endl;
    cout << true << " " << false << " " << (3 < 4) << " " << !0 << endl;
    cout << pow(2, 10) << " " << sqrt(2) << " " << abs(-3) << " " << fabs(-2.5) << " " << pow(2, 0.5) << " " << floor(7.9) << endl;
    int a = 7.9;
    double b = 3;
    int c = -7.9;
    cout << a << " " << b << " " << c << " " << (int)3.99 << " " << static_cast<int>(2.5) << " " << double(7) / 2 << " " << (double)1 / 4 << endl;
    long long big = 3000000000LL;
    cout << big * 2 << " " << 1000000LL * 1000000 << endl;
    char letter = 'a';
    letter = letter + 1;
    cout << letter << " " << (int)letter << " " << (char)(letter + 1) << " " << letter + 1 << endl;
    cout << max(3, 7) << " " << min(2.5, 1.5) << " " << 5 + 3 * 2 << " " << (5 > 3 && 2 > 1) << endl;
    unsigned int u = 5;
    cout << u << " " << 1e6 << " " << 1000000.0 << " " << 1234567.0 << " " << 0.0001 << " " << 12345.678 << endl;
    float f = 0.1f;
    cout << f << " " << f * 3 << endl;
    return 0;
}
