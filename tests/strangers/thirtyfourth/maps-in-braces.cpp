#include <iostream>
#include <vector>
#include <map>
#include <string>
using namespace std;
void f0(const map<string, int>& a = {{"a", 1}, {"b", 2}}) { for (auto& [k, v] : a) cout << k << v << " "; cout << endl; }
void f1(map<string, int> a) { a["z"]++; for (auto& [k, v] : a) cout << k << v << " "; cout << endl; }
void f2(map<int, string> a) { for (auto& p : a) cout << p.first << p.second << " "; cout << endl; }
struct B { map<string, int> m; B(map<string, int> k) : m(k) {} int get() { return m["a"]; } };
map<string, int> give() { return {{"q", 4}}; }
int main() {
    f0();
    f0({{"x", 3}});
    f1({{"x", 3}, {"y", 4}});
    f2({{1, "one"}, {2, "two"}});
    f0({});
    B b({{"a", 7}});
    cout << b.get() << give()["q"] << endl;
}
