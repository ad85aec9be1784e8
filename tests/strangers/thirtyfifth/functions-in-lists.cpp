#include <iostream>
#include <vector>
#include <map>
#include <functional>
#include <string>
using namespace std;
double doIt(function<double(double)> f, int n) { return f(n); }
template <typename F> double twice(F f) { return f(7) + f(8); }
struct Op { string name; function<double(double, double)> f; };
double half(double x) { return x / 2; }
int main() {
    auto f = [](double x) { return x / 3; };
    cout << f(5) << ' ';
    function<double(double)> g = [](double x) { return x / 3; };
    cout << g(5) << ' ' << doIt(g, 5) << ' ' << doIt([](double x) { return x / 4; }, 5) << ' ' << twice([](double x) { return x / 4; }) << endl;
    vector<function<double(double)>> ops{[](double x) { return x / 3; }, [](double x) { return x / 2; }};
    ops.push_back([](double y) { return y / 2; });
    for (auto& op : ops) cout << op(5) << ' ';
    for (size_t i = 0; i < ops.size(); i++) cout << ops[i](7) << ' ';
    cout << endl;
    map<string, function<double(double, double)>> table; table["div"] = [](double a, double b) { return a / b; }; table["add"] = [](double a, double b) { return a + b; };
    cout << table["div"](7, 2) << ' ' << table.at("add")(1, 2) / 2 << endl;
    for (auto& kv : table) cout << kv.first << kv.second(9, 2) << ' ';
   
    cout << endl;
    Op o{"q", [](double a, double b) { return a / b; }};
    cout << o.f(7, 2) << endl;
    vector<Op> all; all.push_back(o);
    for (const Op& p : all) cout << p.name << p.f(9, 4) << ' ';
    double (*fp)(double) = half;
    cout << fp(3) << endl;
    function<int(int)> trunc = [](double x) { return x / 2; };
    cout << trunc(7) << endl;
}
