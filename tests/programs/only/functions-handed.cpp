#include <iostream>
#include <functional>
#include <set>
#include <map>
using namespace std;
int add(int a, int b) { return a + b; }
int sub(int a, int b) { return a - b; }
int apply(int (*f)(int, int), int a, int b) { return f(a, b); }
template <typename T> T biggest(T a, T b) { return a > b ? a : b; }
function<int()> counter() { int n = 0; return [n]() mutable { return ++n; }; }
struct P { int x; };
int main() {
    long long big = 1LL << 40;
    cout << big << " " << biggest<int>(2, 3) << " " << biggest<double>(2.5, 1) << endl;
    set<int> s = {3, 1, 3};
    cout << s.size() << endl;
    int x = 5; int& ref = x; ref = 8; ref++;
    cout << x << " " << ref << endl;
    cout << apply(add, 2, 3) << apply(sub, 2, 3) << endl;
    map<char, function<int(int, int)>> ops = {{'+', add}, {'-', sub}, {'*', [](int a, int b) { return a * b; }}};
    for (const auto& [sign, f] : ops) cout << sign << f(6, 3) << " ";
    cout << endl;
    auto c = counter(); c(); cout << c() << endl;
    int* p = &x; *p += 3; cout << x << *p << endl;
}
