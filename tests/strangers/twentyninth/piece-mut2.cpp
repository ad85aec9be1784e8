#include <bits/stdc++.h>
using namespace std;
function<int()> make(int from) {
    return [n = from]() mutable { return n++; };
}
auto scaled(int k) { return [k, extra = k * 2](int x) { return x * k + extra; }; }
int main() {
    auto a = make(5), b = make(1);
    cout << a() << a() << b() << a() << endl;
    auto s = scaled(3);
    cout << s(2) << endl;
    vector<int> v = {3, 1, 2};
    int total = 0;
    for_each(v.begin(), v.end(), [&total, limit = 2](int x) { if (x >= limit) total += x; });
    cout << total << endl;
    generate(v.begin(), v.end(), [n = 10]() mutable { return n += 2; });
    for (int x : v) cout << x << " ";
    cout << endl;
}
