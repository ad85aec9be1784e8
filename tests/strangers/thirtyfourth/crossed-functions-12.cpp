#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
auto f0(double* a) {
    (*a) /= 4;
    return (*a) / 2;
}
int f1(char a) {
    a++;
    return a - 'a' / 2;
}
bool f2(const long long& a = 5000000000) {
    return a > 3;
}
int main() {
    double v0 = 2.5;
    long long v1 = -9;
    long long v2 = 5000000000;
    char v3 = 'A';
    char v4 = 'A';
    map<string, vector<int>> lists; lists["k"] = {7, 8};
    f1(v4);
    cout << f1('A') << "\n";
    if (f2(5000000000)) cout << "yes\n"; else cout << "no\n";
    cout << v3 << "\n";
    cout << f0(&v0) << "\n";
    { auto z = f2(-9); cout << z << "\n"; }
    cout << v0 << "\n";
    cout << v1 << "\n";
    cout << v2 << "\n";
    cout << v3 << "\n";
    cout << v4 << "\n";
    for (int i_ : lists["k"]) cout << i_ << ","; cout << "\n";
    return 0;
}
