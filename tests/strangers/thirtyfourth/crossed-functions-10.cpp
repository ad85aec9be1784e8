#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
bool f0(double a, pair<int, string>& b, long long& c) {
    a += 1;
    cout << a << "\n";
    b.second += "d";
    c *= 2;
    return a > 3;
}
void f1(char& a, int* b) {
    (*b)++;
}
int f2(const pair<int, string>& a) {
    return a.first;
}
double f3(double& a, const pair<int, string>& b, unsigned& c) {
    a = a * a;
    cout << a << "\n";
    c = c / 2;
    cout << c << "\n";
    static int calls = 0; calls++; cout << calls << "\n";
    return a + b.first;
}
int main() {
    int v0 = 12;
    pair<int, string> v1{3, "c"};
    pair<int, string> v2 = {3, "c"};
    char v3 = 'A';
    long long v4 = 5000000000;
    long long v5 = -9;
    double v6{2.5};
    double v7 = -0.5;
    unsigned v8 = 7u;
    vector<Point> many = {{1, 2}, {3, 4}};
    if (f0(v6, v1, v5)) cout << "yes\n"; else cout << "no\n";
    cout << f2({3, "c"}) << "\n";
    cout << v2.first << v2.second << "\n";
    f1(v3, &v0);
    cout << v8 << "\n";
    { auto z = f0(v7, v1, v5); cout << z << "\n"; }
    f1(v3, &v0);
    cout << v1.first << v1.second << "\n";
    cout << f0(v6, v1, v4) << "\n";
    cout << many[0].y << "\n";
    cout << v0 << "\n";
    cout << v1.first << v1.second << "\n";
    cout << v2.first << v2.second << "\n";
    cout << v3 << "\n";
    cout << v4 << "\n";
    cout << v5 << "\n";
    cout << v6 << "\n";
    cout << v7 << "\n";
    cout << v8 << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    cout << many[0].y << "\n";
    return 0;
}
