#include <iostream>
#include <map>
#include <functional>
using namespace std;
typedef int (*op)(int, int); int add(int a, int b) { return a + b; } int mul(int a, int b) { return a * b; } int apply(op f, int a, int b) { return f(a, b); }
typedef void (*action)();
using Step = void (*)(const string&);
void hi() { cout << "hi "; }
void say(const string& s) { cout << s << ' '; }
struct Entry { const char* name; std::function<void()> run; };
int main() { op fs[] = {add, mul}; for (op f : fs) cout << apply(f, 3, 4) << ' '; map<char, op> m{{'a', add}, {'m', mul}}; cout << m['m'](5, 6); action a = hi; a(); Step s = &say; s("x"); Entry menu[] = {{"one", hi}}; menu[0].run(); cout << menu[0].name; op none = nullptr; if (!none) cout << "none"; if (a == hi) cout << "same"; }
