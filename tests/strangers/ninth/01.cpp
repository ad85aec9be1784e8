#include <iostream>
using namespace std;
int factorial(int n) { if (n <= 1) return 1; return n * factorial(n - 1); }
bool isPrime(int n) { if (n < 2) return false; for (int i = 2; i * i <= n; i++) { if (n % i == 0) return false; } return true; }
int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
void swapThem(int &a, int &b) { int t = a; a = b; b = t; }
int main() {
    cout << factorial(10) << " " << gcd(48, 36) << endl;
    for (int i = 0, n = 0; n < 8; i++) if (isPrime(i)) { cout << i << (n < 7 ? ", " : "\n"); n++; }
    int a = 3, b = 4; swapThem(a, b); cout << a << b << endl;
    int n = 12345, rev = 0; while (n) { rev = rev * 10 + n % 10; n /= 10; } cout << rev << endl;
    cout << 7 / 2 << " " << -7 / 2 << " " << -7 % 3 << " " << 7 / 2.0 << " " << (double)7 / 2 << " " << 1e10 << " " << 0.1 + 0.2 << " " << 1.0 << " " << 100000000.0 << " " << 3.14159265 << endl;
}
