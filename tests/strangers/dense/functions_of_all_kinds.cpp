#include <iostream>
#include <string>
using namespace std;
struct Time { int h, m; };
Time add(Time t, int minutes) { t.m += minutes; t.h += t.m / 60; t.m %= 60; t.h %= 24; return t; }
void print(const Time& t) { if (t.h < 10) cout << '0'; cout << t.h << ':' << (t.m < 10 ? "0" : "") << t.m << endl; }
bool earlier(const Time& a, const Time& b) { return a.h < b.h || (a.h == b.h && a.m < b.m); }
void swapTimes(Time& a, Time& b) { Time t = a; a = b; b = t; }
int fact(int n) { return n <= 1 ? 1 : n * fact(n - 1); }
int fib(int n) { int a = 0, b = 1; while (n-- > 0) { int t = a + b; a = b; b = t; } return a; }
int gcd(int a, int b) { while (b != 0) { int r = a % b; a = b; b = r; } return a; }
double power(double b, int e) { double r = 1; for (int i = 0; i < abs(e); i++) r *= b; return e < 0 ? 1 / r : r; }
bool prime(int n) { if (n < 2) return false; for (int i = 2; i * i <= n; i++) if (n % i == 0) return false; return true; }
int digits(int n) { int s = 0; do { s += n % 10; n /= 10; } while (n); return s; }
int rev(int n) { int r = 0; for (; n; n /= 10) r = r * 10 + n % 10; return r; }
void hanoi(int n, char a, char b, char c) { if (n == 0) return; hanoi(n - 1, a, c, b); cout << a << c << ' '; hanoi(n - 1, b, a, c); }
int main() {
    Time t = {9, 50}, u = add(t, 75); print(t); print(u); cout << earlier(t, u) << earlier(u, t) << endl; swapTimes(t, u); print(t);
    cout << fact(10) << " " << fib(20) << " " << gcd(84, 36) << " " << power(2, 10) << " " << power(2, -2) << " " << digits(98765) << " " << rev(1230) << endl;
    for (int i = 0; i < 30; i++) if (prime(i)) cout << i << (i < 29 ? " " : "\n");
    hanoi(3, 'A', 'B', 'C'); cout << endl;
    for (int i = 1; i <= 4; i++) { for (int s = 0; s < 4 - i; s++) cout << " "; for (int k = 0; k < 2 * i - 1; k++) cout << "*"; cout << endl; }
    for (int i = 1; i <= 3; ++i) { for (int j = 1; j <= 3; ++j) cout << i * j << "\t"; cout << "\n"; }
    int x = 5; int* p = &x; *p = 7; int& r = x; r++; cout << x << *p << endl;
    int a[5] = {1, 2, 3}; int sum = 0; for (int v : a) sum += v; cout << sum << a[4] << endl;
    int i = 0; while (true) { if (++i == 3) continue; if (i > 5) break; cout << i; } cout << endl;
    string bin; for (int n = 13; n; n >>= 1) bin.insert(0, 1, '0' + (n & 1)); cout << bin << endl;
    cout << 10 / 3 << 10 % 3 << 10 / 3.0 << -7 / 2 << -7 % 2 << (1 << 3) << (6 & 3) << (6 | 1) << (5 ^ 1) << endl;
    cout << 5.0 << " " << 2.50 << " " << 1e-5 << " " << 1234567.0 << " " << 0.1f << " " << 100000 * 10 << endl;
}
