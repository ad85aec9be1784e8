#include <iostream>
#include <cmath>
#include <ctime>
#include <cstdlib>
#include <limits>
#include <climits>
using namespace std;

const double PI = 3.14159265358979;
int *makeTable(int n) {
    int *t = new int[n];
    for (int i = 0; i < n; i++) t[i] = i * i;
    return t;
}
void show(int a[], int n) { for (int i = 0; i < n; ++i) cout << a[i] << (i < n - 1 ? ", " : "\n"); }
int sum(const int *a, int n) { int s = 0; for (const int *p = a; p != a + n; ++p) s += *p; return s; }
void fill(int m[][3], int rows) { for (int r = 0; r < rows; r++) for (int c = 0; c < 3; c++) m[r][c] = r * 3 + c; }
double area(double r) { return PI * r * r; }
double area(double w, double h) { return w * h; }
int area(int side) { return side * side; }
struct Point { double x, y; };
double dist(Point a, Point b) { return sqrt(pow(a.x - b.x, 2) + pow(a.y - b.y, 2)); }
class Date {
    int d, m, y;
public:
    Date(int d, int m, int y) { this->d = d; this->m = m; this->y = y; }
    bool isLeap() const;
    void next();
    void print() const { cout << (d < 10 ? "0" : "") << d << "." << m << "." << y << endl; }
};
bool Date::isLeap() const { return y % 4 == 0 && (y % 100 || y % 400 == 0); }
void Date::next() {
    static const int days[] = {31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};
    int last = days[m - 1] + (m == 2 && isLeap());
    if (++d > last) { d = 1; if (++m > 12) { m = 1; y++; } }
}
int main() {
    int *t = makeTable(6);
    show(t, 6);
    cout << sum(t, 6) << endl;
    delete[] t;
    int m[2][3];
    fill(m, 2);
    for (auto &row : m) { for (int v : row) cout << v << ' '; cout << endl; }
    cout << area(2.0) << ' ' << area(2.0, 3) << ' ' << area(4) << endl;
    Point p = {0, 0}, q{3, 4};
    cout << dist(p, q) << ' ' << floor(-2.5) << ceil(2.1) << round(2.5) << ' ' << fmod(7.5, 2) << ' ' << cbrt(27) << endl;
    Date d(28, 2, 2032);
    d.print(); d.next(); d.print(); d.next(); d.print();
    Date e(31, 12, 2031); e.next(); e.print();
    cout << numeric_limits<int>::max() << ' ' << INT_MIN << ' ' << sizeof(int) << sizeof(double) << sizeof(char) << endl;
    unsigned int u = 0; u--; cout << u << ' ' << (short)70000 << ' ' << (int)3.99 << ' ' << 1e6 << ' ' << 1234567.0 << ' ' << 0.1 + 0.2 << endl;
    int big = 2147483647; long long L = big; L++; cout << L << ' ' << 7 / 2 * 2.0 << ' ' << 10 % 3 << -10 % 3 << -10 / 3 << endl;
    string s = "garden"; s[0] = 'G'; s.insert(3, "--"); s.replace(0, 1, "W"); cout << s << s.find("--") << s.substr(2, 3) << (s.find('z') == string::npos) << endl;
    for (char &c : s) c = toupper(c); cout << s << s.length() << s.compare("A") << endl;
    s.erase(3, 2); s.pop_back(); s.push_back('!'); s.append(3, '?'); cout << s << string(4, '=') << s.empty() << s.back() << endl;
    int i = 0; for (;;) { if (++i == 3) continue; if (i > 5) break; cout << i; } cout << endl;
    goto_free: cout << "done" << endl;
}
