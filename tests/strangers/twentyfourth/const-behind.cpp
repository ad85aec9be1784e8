#include <iostream>
#include <string>
#include <vector>
#include <map>
using namespace std;
int const MAX = 3;
double mean(vector<int> const &v) { double s = 0; for (auto const &x : v) s += x; return s / v.size(); }
void show(std::string const& s, int const n) { for (int i = 0; i < n; i++) cout << s; }
class B { int x; public: B(int const x) : x(x) {} int const& get() const { return x; } string const name() const { return "b"; } };
int main() { map<string, int> const m{{"a", 1}, {"b", 2}}; for (auto const &[k, n] : m) show(k, n); cout << mean({1, 2}) << MAX << B(4).get() << B(2).name(); char const *t = "xyz"; cout << t; auto const y = 5; cout << y; }
