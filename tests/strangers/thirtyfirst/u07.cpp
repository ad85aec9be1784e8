#include <iostream>
#include <iomanip>
#include <cmath>
#include <climits>
using namespace std;

double f(double x) { return x * x * x - 2 * x - 5; }

double bisect(double (*fn)(double), double a, double b, double eps = 1e-6) {
    int steps = 0;
    while ((b - a) / 2 > eps) {
        double m = (a + b) / 2;
        if (fn(m) == 0) return m;
        if (fn(a) * fn(m) < 0) b = m;
        else a = m;
        steps++;
    }
    cout << steps << " steps" << endl;
    return (a + b) / 2;
}

long long fact(int n) {
    long long r = 1;
    for (int i = 2; i <= n; i++) r *= i;
    return r;
}

int main() {
    cout << fixed << setprecision(5) << bisect(f, 2, 3) << endl;
    double sum = 0, x = 1.2;
    for (int n = 0; n < 10; n++) {
        double term = pow(x, 2 * n + 1) / fact(2 * n + 1);
        sum += n % 2 ? -term : term;
    }
    cout << sum << " " << sin(x) << endl;
    cout << setprecision(2);
    cout << setw(5) << "n" << setw(12) << "n!" << setw(10) << "sqrt" << endl;
    cout << setfill('-') << setw(27) << "" << setfill(' ') << endl;
    for (int i = 1; i <= 15; i += 2)
        cout << setw(5) << i << setw(15) << fact(i) << setw(10) << sqrt((double)i) << endl;
    int a = 17, b = 5;
    cout << a / b << " " << a % b << " " << (double)a / b << " " << a / (double)b << " " << -a / b << endl;
    cout << ceil(2.1) << " " << floor(-2.1) << " " << round(2.5) << " " << abs(-3) << " " << fabs(-3.5) << endl;
    cout << (a > b && b > 0) << " " << !(a == b) << " " << (a & b) << " " << (a | b) << " " << (a ^ b) << " " << (a << 2) << " " << (a >> 1) << endl;
    unsigned int u = 0;
    u--;
    cout << u << " " << INT_MAX << endl;
    char c = 'A' + 2;
    cout << c << " " << (int)c << " " << char(c + 1) << endl;
    cout << scientific << 12345.678 << defaultfloat << " " << 1e10 << " " << 0.1 + 0.2 << endl;
    return 0;
}
