#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
int total = 3;
double f0(const long long& a, unsigned b) {
    if (a > 100) cout << 1;
    cout << a << "\n";
    b += 3;
    return a + b;
}
double f1(char a, bool& b, const char& c) {
    a = 'm';
    cout << a << "\n";
    total += 3;
    f0(-9, 4u);
    return a - 'a' + (b ? 1 : 0);
}
int f2(const int& a, bool& b, string& c) {
    cout << b << "\n";
    c[0] = 'K';
    f1('A', b, 'q');
    return a + (b ? 1 : 0);
}
int main() {
    int v0 = 3;
    bool v1 = true;
    char v2 = 'A';
    char v3{'A'};
    long long v4 = 5000000000;
    string v5{"bean sprout"};
    unsigned v6 = 7u;
    unsigned v7 = 7u;
    map<string, vector<int>> lists; lists["k"] = {7, 8};
    cout << f1('q', v1, v3) << "\n";
    cout << f1(v2, v1, v3) << "\n";
    cout << v6 << "\n";
    f1('A', v1, 'q');
    cout << v3 << "\n";
    f0(v4, v6);
    cout << v1 << "\n";
    { auto z = f1(v3, v1, v2); cout << z << "\n"; }
    cout << f2(v0, v1, v5) << "\n";
    cout << v6 << "\n";
    cout << v0 << "\n";
    cout << v1 << "\n";
    cout << v2 << "\n";
    cout << v3 << "\n";
    cout << v4 << "\n";
    cout << v5 << "\n";
    cout << v6 << "\n";
    cout << v7 << "\n";
    for (int i_ : lists["k"]) cout << i_ << ","; cout << "\n";
    cout << total << endl;
    return 0;
}
