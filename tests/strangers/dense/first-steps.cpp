#include <iostream>
#include <string>
#include <cmath>
#include <iomanip>
using namespace std;
int g = 10;
int next_id() { static int id = 0; return ++id; }
void stats(const int a[], int n, double &mean, int &low, int &high) { low = high = a[0]; double s = 0; for (int i = 0; i < n; i++) { s += a[i]; if (a[i] < low) low = a[i]; if (a[i] > high) high = a[i]; } mean = s / n; }
bool parse(string s, int &h, int &m) { size_t p = s.find(':'); if (p == string::npos) return false; h = stoi(s.substr(0, p)); m = stoi(s.substr(p + 1)); return h < 24 && m < 60; }
void reverse(string &s) { for (size_t i = 0, j = s.size() - 1; i < j; i++, j--) { char t = s[i]; s[i] = s[j]; s[j] = t; } }
int power(int b, unsigned e) { int r = 1; while (e--) r *= b; return r; }
void bump(int *p) { (*p)++; }
void zero(int a[], int n) { for (int i = 0; i < n; i++) a[i] = 0; }
long long fact(int n) { return n < 2 ? 1LL : n * fact(n - 1); }
int digits(int n) { int c = 0; do { c++; n /= 10; } while (n); return c; }
int main() {
    int a[] = {4, 9, 1, 7}; double mean; int lo, hi;
    stats(a, 4, mean, lo, hi);
    cout << fixed << setprecision(2) << mean << " " << lo << " " << hi << endl;
    int h = 0, m = 0; cout << parse("23:59", h, m) << h << m << parse("9-30", h, m) << parse("25:10", h, m) << h << endl;
    string s = "garden"; reverse(s); cout << s << power(3, 4) << next_id() << next_id() << endl;
    int x = 5; bump(&x); int *p = &x; *p += 2; cout << x << *p << endl;
    zero(a, 2); cout << a[0] << a[2] << fact(15) << digits(-1234) << digits(0) << endl;
    g += x; cout << g << ::g << endl;
    double d = 3.5; float f = 7.0f / 2; int t = 3.99; cout << d << f << t << 10 % 4 << -7 / 2 << -7 % 2 << endl;
    char c = 'x'; c++; int code = c; cout << c << code << (char)65 << char(code - 1) << ('a' < 'b') << endl;
    cout << setw(6) << 3.14159 << setprecision(4) << 3.14159 << setw(5) << "ab" << left << setw(5) << "ab" << "|" << setfill('*') << right << setw(4) << 7 << endl;
    unsigned u = 3; cout << u - 1 << " " << (1 << 5) << (0xFF & 0x0F) << endl;
    for (int i = 0, j = 10; i < j; ++i, j -= 2) cout << i << j << " "; cout << endl;
    int grid[2][3] = {{1, 2, 3}, {4, 5, 6}}; int sum = 0; for (auto &r : grid) for (int v : r) sum += v; cout << sum << grid[1][2] << sizeof(grid) / sizeof(grid[0]) << endl;
    switch (x) { case 1: cout << "one"; break; case 8: cout << "eight"; case 9: cout << "nine"; break; default: cout << "none"; } cout << endl;
    cout << boolalpha << (x > 3 && !(x == 8)) << noboolalpha << true << endl;
    string line = "a,b,c"; size_t pos = 0; while ((pos = line.find(',')) != string::npos) { cout << line.substr(0, pos) << ";"; line.erase(0, pos + 1); } cout << line << endl;
    const double PI = acos(-1.0); cout << PI << floor(-2.5) << fabs(-1.5) << max(3, 7) << min(2.5, 1.5) << endl;
}
