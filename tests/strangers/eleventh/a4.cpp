#include <iostream>
#include <string>
#include <vector>
#include <cctype>
#include <cmath>
#include <climits>
using namespace std;

int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
bool isPalindrome(const string &s) {
    string t;
    for (char c : s) if (isalpha(c)) t += tolower(c);
    int i = 0, j = t.size() - 1;
    while (i < j) { if (t[i++] != t[j--]) return false; }
    return true;
}
string toBinary(unsigned int n) {
    if (n == 0) return "0";
    string r;
    while (n > 0) { r = char('0' + n % 2) + r; n /= 2; }
    return r;
}
void bubble(int a[], int n) {
    bool swapped;
    do {
        swapped = false;
        for (int i = 0; i < n - 1; i++)
            if (a[i] > a[i + 1]) { swap(a[i], a[i + 1]); swapped = true; }
    } while (swapped);
}
int search(const vector<int>& v, int x) {
    int lo = 0, hi = (int)v.size() - 1;
    while (lo <= hi) {
        int mid = lo + (hi - lo) / 2;
        if (v[mid] == x) return mid;
        else if (v[mid] < x) lo = mid + 1;
        else hi = mid - 1;
    }
    return -1;
}
void change(int x, int &y, const int z = 5) { x = 1; y += z; }
double average(double a[], int n) { double s = 0; for (int i = 0; i < n; ++i) s += a[i]; return s / n; }
struct Date { int d, m, y; };
bool before(const Date &a, const Date &b) {
    if (a.y != b.y) return a.y < b.y;
    if (a.m != b.m) return a.m < b.m;
    return a.d < b.d;
}
int main() {
    cout << gcd(84, 36) << " " << isPalindrome("A man a plan a canal Panama") << " " << toBinary(37) << endl;
    int a[] = {5, 1, 4, 2, 8};
    bubble(a, 5);
    for (int x : a) cout << x << ",";
    cout << "\b \n";
    vector<int> v{1, 3, 5, 7, 9, 11};
    cout << search(v, 7) << search(v, 4) << endl;
    int p = 10, q = 20;
    change(p, q); change(p, q, 1);
    cout << p << " " << q << endl;
    double d[3] = {1.5, 2.5, 4};
    cout << average(d, 3) << " " << 10 / 4 << " " << 10 / 4.0 << " " << 10 % 4 << " " << -7 / 2 << " " << -7 % 3 << endl;
    Date x{1, 2, 2020}, y = {3, 1, 2020};
    cout << before(x, y) << before(y, x) << endl;
    cout << INT_MAX << " " << INT_MAX + 1LL << " " << (1 << 10) << " " << (5 & 3) << (5 | 3) << (5 ^ 3) << (~5) << endl;
    string s = "hello world";
    s[0] = toupper(s[0]);
    s.insert(5, ",");
    s.replace(7, 5, "there");
    cout << s << " " << s.length() << " " << s.find('t') << " " << s.substr(7) << endl;
    for (int i = 1; i <= 4; i++) { for (int j = 0; j < 4 - i; j++) cout << ' '; for (int j = 0; j < 2 * i - 1; j++) cout << '*'; cout << '\n'; }
    char grade = 'B';
    switch (grade) { case 'A': cout << "top"; break; case 'B': case 'C': cout << "ok"; break; default: cout << "?"; }
    cout << endl;
    int m[2][3] = {{1, 2, 3}, {4, 5, 6}}, t[3][2];
    for (int i = 0; i < 2; i++) for (int j = 0; j < 3; j++) t[j][i] = m[i][j];
    for (auto &row : t) { for (int c : row) cout << c << ' '; cout << endl; }
    int i = 5; int k = i++ + ++i; cout << i << (k > 0) << endl;
    const double PI = acos(-1.0); cout << PI << " " << pow(2, 0.5) << " " << round(2.5) << " " << floor(-2.5) << " " << abs(-4) << " " << sqrt(16) << endl;
    long long f = 1; for (int n = 1; n <= 20; n++) f *= n; cout << f << endl;
    bool flag = true; cout << flag << " " << boolalpha << flag << " " << !flag << noboolalpha << endl;
    cout << (char)(65 + 2) << char('a' + 1) << (int)'z' << 'a' + 1 << endl;
    while (true) { if (p-- < 12) break; } cout << p << endl;
}
