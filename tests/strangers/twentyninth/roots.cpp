#include <iostream>
#include <cmath>
#include <iomanip>
using namespace std;
double f(double x) { return x * x * x - x - 2; }
double bisect(double (*fn)(double), double lo, double hi, double eps = 1e-6) {
    int steps = 0;
    while (hi - lo > eps) {
        double mid = (lo + hi) / 2;
        if (fn(lo) * fn(mid) <= 0) hi = mid; else lo = mid;
        ++steps;
    }
    cout << steps << " steps: ";
    return (lo + hi) / 2;
}
long fact(int n) { return n <= 1 ? 1 : n * fact(n - 1); }
int digits(long n) { int c = 0; do { c++; n /= 10; } while (n); return c; }
bool perfect(int n) { int s = 1; for (int i = 2; i * i <= n; i++) if (n % i == 0) { s += i; if (i * i != n) s += n / i; } return n > 1 && s == n; }
void hanoi(int n, char a, char b, char c, int& moves) { if (n == 0) return; hanoi(n - 1, a, c, b, moves); ++moves; if (n == 3) cout << a << "->" << c << ' '; hanoi(n - 1, b, a, c, moves); }
int main() {
    cout << fixed << setprecision(5) << bisect(f, 1, 2) << endl;
    cout << bisect([](double x) { return cos(x) - x; }, 0, 1) << endl;
    cout.unsetf(ios::fixed);
    cout << setprecision(6);
    for (int i = 0; i <= 15; i += 5) cout << i << "! = " << fact(i) << " (" << digits(fact(i)) << ")" << endl;
    for (int i = 1; i < 500; i++) if (perfect(i)) cout << i << " ";
    int moves = 0;
    hanoi(5, 'A', 'B', 'C', moves);
    cout << moves << endl;
    int n = 2026, rev = 0;
    for (int t = n; t > 0; t /= 10) rev = rev * 10 + t % 10;
    cout << rev << " " << (n == rev ? "palindrome" : "no") << endl;
    double sum = 0;
    for (int k = 0; k < 1000; k++) sum += (k % 2 ? -1.0 : 1.0) / (2 * k + 1);
    cout << 4 * sum << " " << M_PI << " " << exp(1) << " " << log(10) << " " << log10(1000) << " " << fabs(-2.5) << " " << ceil(2.1) << floor(-2.1) << endl;
    float a = 0.1f, b = 0.2f;
    cout << (a + b == 0.3f) << " " << 0.1 + 0.2 << " " << 1.0 / 3 << " " << 1e10 << " " << 1234567.0 << " " << 100000.0 * 10 << " " << 5 / 2.0f << endl;
    int big = 2147483647;
    unsigned ub = big; ub++;
    cout << ub << " " << (long long)big + 1 << " " << 017 << " " << 0x1f << " " << 'a' + 1 << " " << (char)('a' + 1) << " " << true + true << endl;
    int x = 7;
    x += x++ * 0 + 3;
    cout << (x > 5 && x < 20 || x == 0) << " " << (x & 1 ? "odd" : "even") << " " << x % 4 << " " << -x / 4 << endl;
}
