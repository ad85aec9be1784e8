#include <iostream>
#include <iomanip>
#include <cmath>
using namespace std;

int factorial(int n) {
    if (n <= 1) return 1;
    return n * factorial(n - 1);
}

long long power(int base, int exp) {
    long long result = 1;
    while (exp > 0) {
        if (exp % 2 == 1) result *= base;
        base *= base;
        exp /= 2;
    }
    return result;
}

void pyramid(int rows, char sign = '*') {
    for (int i = 1; i <= rows; ++i) {
        for (int s = rows; s > i; --s) cout << ' ';
        for (int k = 0; k < 2 * i - 1; ++k) cout << sign;
        cout << '\n';
    }
}

void pascal(int n) {
    for (int line = 0; line < n; line++) {
        int c = 1;
        cout << string((n - line) * 2, ' ');
        for (int i = 0; i <= line; i++) {
            cout << setw(4) << c;
            c = c * (line - i) / (i + 1);
        }
        cout << endl;
    }
}

bool armstrong(int n) {
    int digits = to_string(n).size(), sum = 0;
    for (int m = n; m; m /= 10) sum += (int)pow(m % 10, digits);
    return sum == n;
}

int reverse(int n) {
    int r = 0;
    do { r = r * 10 + n % 10; n /= 10; } while (n);
    return r;
}

int main() {
    pyramid(3);
    pyramid(2, '#');
    pascal(5);
    for (int i = 100; i < 1000; i++) if (armstrong(i)) cout << i << " ";
    cout << endl << factorial(10) << " " << power(3, 13) << " " << reverse(12340) << endl;
    double x = 2.0, guess = 1.0;
    int steps = 0;
    while (fabs(guess * guess - x) > 1e-9) { guess = (guess + x / guess) / 2; ++steps; }
    cout << fixed << setprecision(6) << guess << " after " << steps << endl;
    cout.unsetf(ios::fixed);
    cout << setprecision(4) << sqrt(2.0) << " " << 1e-5 << " " << 123456.0 << endl;
    int a = 12, b = 18;
    while (b != 0) { int t = a % b; a = b; b = t; }
    cout << "gcd " << a << endl;
    int bits[8], n = 77, count = 0;
    for (int i = 7; i >= 0; i--) { bits[i] = n & 1; n >>= 1; }
    for (int bit : bits) { cout << bit; count += bit; }
    cout << " has " << count << " ones, " << (77 ^ 12) << " " << (77 << 2) << " " << (~77) << endl;
    unsigned char c = 'A';
    cout << c << " " << int(c) << " " << char(c + 1) << " " << (char)tolower(c) << endl;
    for (char ch = 'a'; ch <= 'e'; ++ch) cout << ch << (ch < 'e' ? "-" : "\n");
}
