#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
double f0(const char& a) {
    return a - 'a' / 2;
}
int f1(int a, bool& b) {
    a = -a;
    b = !b;
    cout << b << "\n";
    return a;
}
void f2(string a) {
    a = a.substr(1);
}
int main() {
    int v0 = 3;
    bool v1 = true;
    bool v2 = true;
    char v3 = 'A';
    string v4{string("x")};
    string v5 = "pea";
    vector<Point> many = {{1, 2}, {3, 4}};
    { auto z = f0(v3); cout << z << "\n"; }
    f2(v5);
    f2("bean sprout");
    { auto z = f0('A'); cout << z << "\n"; }
    cout << v4 << "\n";
    f2("bean sprout");
    cout << v5 << "\n";
    cout << v0 << "\n";
    cout << v1 << "\n";
    cout << v2 << "\n";
    cout << v3 << "\n";
    cout << v4 << "\n";
    cout << v5 << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    cout << many[0].y << "\n";
    return 0;
}
