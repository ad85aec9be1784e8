#include <iostream>
#include <string>
#include <cmath>
#include <cstdlib>
#include <climits>
using namespace std;
int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
bool isPrime(int n) {
    if (n < 2) return false;
    for (int d = 2; d * d <= n; ++d) if (n % d == 0) return false;
    return true;
}
long factorial(int n) { return n <= 1 ? 1 : n * factorial(n - 1); }
int digitSum(int n) { int s = 0; do { s += n % 10; n /= 10; } while (n > 0); return s; }
string toBinary(int n) {
    string s;
    for (; n > 0; n /= 2) s = char('0' + n % 2) + s;
    return s.empty() ? "0" : s;
}
double power(double base, int exp) {
    double r = 1;
    while (exp-- > 0) r *= base;
    return r;
}
int main() {
    cout << gcd(48, 18) << " " << factorial(15) << " " << digitSum(98765) << " " << toBinary(37) << endl;
    int count = 0;
    for (int n = 2; count < 8; n++) if (isPrime(n)) { cout << n << " "; count++; }
    cout << endl << sqrt(2) << " " << pow(2, 10) << " " << power(1.5, 3) << " " << ceil(2.1) << " " << round(2.5) << " " << abs(-7) << " " << fabs(-2.5) << endl;
    cout << 7 / 2 << " " << -7 / 2 << " " << -7 % 3 << " " << 7 / 2.0 << " " << (double)7 / 2 << " " << 1e6 << " " << 1234567.0 << " " << 0.1 + 0.2 << endl;
    cout << INT_MAX << " " << (5 & 3) << (5 | 3) << (5 ^ 3) << (1 << 4) << (~5) << " " << (true && !false) << endl;
    int x = 10;
    x += 5; x -= 3; x *= 2; x /= 4; x %= 4;
    cout << x << " " << x + 1 << endl;
    float f = 3.7f; int t = f; char c = 65; bool b = 42;
    cout << t << c << b << " " << f << endl;
}
