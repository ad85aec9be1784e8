#include <iostream>
#include <array>
#include <vector>
#include <string>
using namespace std;
int main() {
    array<int, 3> a;
    a[0] = 1; a[1] = 2; a[2] = 3;
    cout << a.size() << a[2] << endl;
    array<int, 5> b = {1, 2};
    for (int x : b) cout << x << ' ';
    array<string, 2> c{};
    cout << c.size() << c[0].size() << endl;
    array<array<double, 2>, 2> d = {};
    d[1][1] = 2.5;
    cout << d[1][1] + d[0][0] << endl;
    vector<array<int, 2>> e(3);
    e[2][1] = 4; cout << e[2][1] << e[0][0] << endl;
    array<int, 4> f = {4, 3, 2, 1};
    auto g = f; g[0] = 9; cout << f[0] << g[0] << (f == g) << f.front() << f.back() << f.at(1) << endl;
}
