#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
bool f0(const bool& a = true) {
    cout << a << "\n";
    return a;
}
string& f1(string& a) {
    a = a.substr(1);
    return a;
}
string f2(int& a, unsigned& b, bool c) {
    cout << a << "\n";
    if (a > 100) cout << 1;
    b = b / 2;
    cout << b << "\n";
    c = !c;
    cout << c << "\n";
    return to_string(a) + "s";
}
void f3(pair<int, string> a, bool* b) {
    if (a.first > 100) return;
    cout << a.first << a.second << "\n";
    (*b) = !(*b);
}
int main() {
    int v0 = 12;
    int v1{12};
    pair<int, string> v2 = {3, "c"};
    pair<int, string> v3 = {3, "c"};
    bool v4 = false;
    string v5 = "bean sprout";
    unsigned v6 = 4u;
    unsigned v7{7u};
    vector<Point> many = {{1, 2}, {3, 4}};
    { auto z = f0(true); cout << z << "\n"; }
    cout << v3.first << v3.second << "\n";
    f3({3, "c"}, &v4);
    cout << f0() << "\n";
    cout << v2.first << v2.second << "\n";
    cout << v0 << "\n";
    cout << v1 << "\n";
    cout << v2.first << v2.second << "\n";
    cout << v3.first << v3.second << "\n";
    cout << v4 << "\n";
    cout << v5 << "\n";
    cout << v6 << "\n";
    cout << v7 << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    cout << many[0].y << "\n";
    return 0;
}
