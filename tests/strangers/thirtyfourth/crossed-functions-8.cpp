#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
map<string, int>& f0(map<string, int>& a, unsigned& b, bool c) {
    b += 3;
    cout << b << "\n";
    c = !c;
    return a;
}
auto f1(const char& a) {
    return a - 'a';
}
double f2(const double& a, long long& b) {
    b *= 2;
    return a;
}
int main() {
    char v0 = 'q';
    char v1 = 'q';
    bool v2 = true;
    map<string, int> v3 = {{"a", 1}, {"b", 2}};
    map<string, int> v4 = {{"a", 1}, {"b", 2}};
    long long v5 = -9;
    double v6{2.5};
    double v7 = -0.5;
    unsigned v8{4u};
    map<string, vector<int>> lists; lists["k"] = {7, 8};
    f0(v4, v8, v2).erase("b");
    cout << v1 << "\n";
    { map<string, int> z = f0(v4, v8, v2); for (auto& [k_, v_] : z) cout << k_ << v_ << " "; cout << "\n"; }
    cout << v7 << "\n";
    { auto z = f1(v1); cout << z << "\n"; }
    f0(v3, v8, v2).erase("b");
    cout << v0 << "\n";
    cout << f1(v1) << "\n";
    for (auto& [k_, v_] : v3) cout << k_ << v_ << " "; cout << "\n";
    cout << v0 << "\n";
    cout << v1 << "\n";
    cout << v2 << "\n";
    for (auto& [k_, v_] : v3) cout << k_ << v_ << " "; cout << "\n";
    for (auto& [k_, v_] : v4) cout << k_ << v_ << " "; cout << "\n";
    cout << v5 << "\n";
    cout << v6 << "\n";
    cout << v7 << "\n";
    cout << v8 << "\n";
    for (int i_ : lists["k"]) cout << i_ << ","; cout << "\n";
    return 0;
}
