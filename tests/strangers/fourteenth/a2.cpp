#include <iostream>
#include <iomanip>
#include <cmath>
#include <string>
using namespace std;

const int ROWS = 3, COLS = 4;
int table[ROWS][COLS];

bool isPrime(int n)
{
    if (n < 2) return false;
    int d;
    for (d = 2; d * d <= n; d++)
        if (n % d == 0) break;
    return d * d > n;
}

int digitSum(int n) { int s = 0; for (; n > 0; n /= 10) s += n % 10; return s; }

string reverse(string s)
{
    int left = 0, right = s.length() - 1;
    for (; left < right; left++, right--) {
        char t = s[left];
        s[left] = s[right];
        s[right] = t;
    }
    return s;
}

int main()
{
    int r, c;
    for (r = 0; r < ROWS; r++)
        for (c = 0; c < COLS; c++)
            table[r][c] = r * COLS + c;
    for (r = 0; r < ROWS; r++) {
        int sum = 0;
        for (c = 0; c < COLS; c++) {
            cout << setw(4) << table[r][c];
            sum += table[r][c];
        }
        cout << " = " << sum << '\n';
    }
    cout << r << " " << c << endl;
    int count = 0, n = 1;
    while (true) {
        if (isPrime(n)) { cout << n << ' '; ++count; }
        if (count == 8) break;
        n++;
    }
    cout << endl << n << endl;
    cout << digitSum(98765) << " " << reverse("garden") << endl;
    char letters[] = "herbs";
    int i = 0;
    while (letters[i] != '\0') { letters[i] = letters[i] - 32; i++; }
    cout << letters << " " << i << endl;
    double x = 2;
    for (i = 0; i < 20; i++) {
        double next = (x + 2 / x) / 2;
        if (fabs(next - x) < 1e-9) break;
        x = next;
    }
    cout << fixed << setprecision(6) << x << " after " << i << endl;
    int a = 17, b = 5;
    cout << a / b << " " << a % b << " " << -a / b << " " << -a % b << " " << (double)a / b << endl;
    int q = a++ + ++b; cout << q << a << b << endl;
    cout << (a > b ? "more" : "less") << (a == b) << !a << endl;
    unsigned int u = 3; u -= 4; cout << u << endl;
    long long f = 1; for (int k = 1; k <= 20; k++) f *= k; cout << f << endl;
    int h = 2147483647; cout << h << endl;
    cout << char('a' + 2) << int('a') << 'a' + 1 << endl;
    string s = "bed"; s += 's'; s = s + "!"; cout << s << s.size() << s.substr(1, 2) << s.find("s") << endl;
    if (s.find("x") == string::npos) cout << "none" << endl;
    return 0;
}
