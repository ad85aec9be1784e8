#include <iostream>
#include <functional>
#include <vector>
using namespace std;
class Button { string label; function<void(const string&)> onClick; public: Button(string l, function<void(const string&)> f) : label(l), onClick(f) {} void click() { if (onClick) onClick(label); } void set(function<void(const string&)> f) { onClick = f; } };
int main() { int n = 0; Button b("ok", [&n](const string& s) { n++; cout << s << n << ' '; }); b.click(); b.click(); b.set([](const string& s) { cout << "new " << s; }); b.click(); Button c("none", nullptr); c.click(); }
