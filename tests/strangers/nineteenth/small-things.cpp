#include <iostream>
#include <string>
#include <vector>
using namespace std;
string caesar(string s, int k) { for (auto& c : s) { if (isupper(c)) c = 'A' + (c - 'A' + k + 26) % 26; else if (islower(c)) c = 'a' + (c - 'a' + k + 26) % 26; } return s; }
int main() {
    vector<string> ws{"a", "b"};
    for (auto it = ws.rbegin(); it != ws.rend(); ++it) cout << *it << "-";
    cout << endl;
    cout << caesar("Hello, World!", 3) << endl;
    unsigned long long f = 1; for (int i = 2; i <= 20; i++) f *= i; cout << f << endl;
    int a = 10, b = 3; a ^= b; b ^= a; a ^= b; cout << a << b << (a << 2) << (b >> 1) << (a & b) << (a | b) << endl;
    double d = 3.7; int t = d; cout << t << static_cast<int>(-d) << (int)(d + 0.5) << 5 / 2 << 5 / 2.0 << 5 % -3 << endl;
    float fl = 0.1f + 0.2f; cout << fl << " " << 1e-5 << " " << 123456789.0 << " " << 0.1 + 0.2 << endl;
    char grid[3][4] = {"abc", "def", "ghi"}; for (int r = 0; r < 3; r++) cout << grid[r] << grid[r][1] << ' '; cout << endl;
}
