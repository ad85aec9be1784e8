#include <iostream>
using namespace std;
void flag(bool b) { cout << b << endl; }
void flagr(const bool& b) { cout << b << endl; }
struct S { bool ok; S(bool o) : ok(o) {} void set(bool o) { ok = o; } };
bool give(int n) { return n; }
int main() { flag(5); flag(0.5); flagr(7); S s(4); cout << s.ok; s.set(9); cout << s.ok; bool k = 12; cout << k << give(8) << endl; int n = 3; flag(n); flagr(n); k = n; cout << k << (k == true) << endl; s.ok = n; cout << s.ok << endl; }
