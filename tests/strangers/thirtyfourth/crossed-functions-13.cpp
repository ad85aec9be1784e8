#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
int total = 1;
void f0(char a, double& b) {
    if (a - 'a' > 100) return;
    a = 'm';
    b = b * b;
}
void f1(bool a, int& b) {
    a = !a;
    cout << a << "\n";
    b *= 3;
    total += 3;
}
bool f2(long long a, double& b) {
    a *= 2;
    b = b * b;
    cout << b << "\n";
    total += 3;
    f0('q', b);
    return a > 3;
}
int main() {
    int v0 = 3;
    int v1{0};
    bool v2 = true;
    bool v3 = true;
    char v4 = 'A';
    long long v5 = 5000000000;
    double v6 = 10;
    f0(v4, v6);
    f0('A', v6);
    f0(v4, v6);
    f1(false, v0);
    cout << v0 << "\n";
    cout << v1 << "\n";
    cout << v2 << "\n";
    cout << v3 << "\n";
    cout << v4 << "\n";
    cout << v5 << "\n";
    cout << v6 << "\n";
    cout << total << endl;
    return 0;
}
