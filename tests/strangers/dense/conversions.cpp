#include <iostream>
#include <string>
#include <vector>
#include <map>
using namespace std;
char g[2][2];
struct S { char c; int n; double d; };
int main() {
    int a[3] = {0}; a[0] = 2.7; a[1] = 'A'; a[2] += 1.9; cout << a[0] << a[1] << a[2] << endl;
    vector<double> d(2); d[0] = 7; cout << d[0] / 2 << endl;
    vector<char> c(3, 'x'); c[0] = 'a' + 1; c[1] = 98; c[2]++; cout << c[0] << c[1] << c[2] << endl;
    string s = "abc"; s[0] = s[0] + 1; s[1] = 65; s[2] -= 32; cout << s << endl;
    g[0][0] = '1' + 1; g[0][1] = g[0][0] + 1; g[1][0] = toupper('q'); cout << g[0][0] << g[0][1] << g[1][0] << endl;
    map<string, int> m; m["a"] = 2.9; m["b"] = 'A'; cout << m["a"] << m["b"] << endl;
    map<char, char> mc; mc['a'] = 'a' + 2; cout << mc['a'] << endl;
    S t; t.c = 'a' + 3; t.n = 3.9; t.d = 7; cout << t.c << t.n << t.d / 2 << endl;
    vector<vector<char>> vv(2, vector<char>(2, '.')); vv[1][1] = '0' + 7; cout << vv[1][1] << vv[0][0] << endl;
    vector<int> v; v.push_back(3.9); v.push_back('A'); cout << v[0] << v[1] << endl;
    vector<char> w; w.push_back('a' + 1); w.push_back(66); cout << w[0] << w[1] << endl;
    vector<double> x; x.push_back(3); cout << x[0] / 2 << endl;
    vector<bool> bb(2); bb[0] = 5; cout << bb[0] << endl;
    string u; u.push_back('a' + 1); u += 'a' + 2; u = u + char('a' + 3); cout << u << endl;
    char y = 'a'; y = y + 1; y += 2; ++y; cout << y << endl;
    int z = 'a'; z += 'b'; cout << z << endl;
    float q = 3; cout << q / 2 << endl;
    bool f = 7; cout << f << f + 1 << endl;
    pair<char, int> p; p.first = 'a' + 1; p.second = 2.5; cout << p.first << p.second << endl;
    for (char& ch : s) ch = ch + 1; cout << s << endl;
    char arr[] = "hey"; arr[0] = arr[0] - 32; cout << arr << endl;
}
