#include <functional>
#include <iostream>
#include <map>
#include <optional>
#include <string>
#include <tuple>
#include <vector>
using namespace std;

int add(int a, int b) { return a + b; }
int sub(int a, int b) { return a - b; }
int apply(int (*f)(int, int), int a, int b) { return f(a, b); }
void minmax(const vector<int>& v, int& lo, int& hi) {
    lo = hi = v.at(0);
    for (int x : v) { lo = min(lo, x); hi = max(hi, x); }
}
optional<int> firstNegative(const vector<int>& v) {
    for (int x : v) if (x < 0) return x;
    return nullopt;
}
tuple<int, string> pick() { return {7, "seven"}; }
function<int()> counter() { int n = 0; return [n]() mutable { return ++n; }; }
int sum(initializer_list<int> xs) { int t = 0; for (auto x : xs) t += x; return t; }
double area(double r) { return 3.0 * r * r; }
double area(double w, double h) { return w * h; }
void greet(string name = "friend", int times = 1) { while (times--) cout << "hi " << name << endl; }

int main() {
    map<char, function<int(int, int)>> ops = {{'+', add}, {'-', sub}, {'*', [](int a, int b) { return a * b; }}};
    for (const auto& [sign, f] : ops) cout << sign << f(6, 3) << " ";
    cout << apply(add, 1, 2) << apply(sub, 5, 2) << endl;
    int lo, hi;
    minmax({4, -2, 9}, lo, hi);
    cout << lo << " " << hi << endl;
    auto neg = firstNegative({1, -5});
    if (neg) cout << *neg << " " << neg.value_or(0) << endl;
    cout << firstNegative({1}).has_value() << endl;
    auto [n, word] = pick();
    cout << n << word << get<0>(pick()) << endl;
    auto c = counter(); c(); cout << c() << endl;
    cout << sum({1, 2, 3}) << " " << area(2) << " " << area(2, 3) << endl;
    greet(); greet("Fern", 2);
    try { vector<int> v; v.at(3); } catch (const out_of_range&) { cout << "out of range" << endl; }
    try { stoi("abc"); } catch (...) { cout << "not a number" << endl; }
    int total = 0;
    vector<int> v{3, 1, 2};
    auto addTo = [&total](int x) { total += x; };
    for (auto x : v) addTo(x);
    cout << total << endl;
    string s = "x=5;y=7";
    size_t pos = s.find(';');
    cout << s.substr(0, pos) << "|" << s.substr(pos + 1) << endl;
}
