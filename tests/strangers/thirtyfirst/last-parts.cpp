#include <iostream>
#include <sstream>
using namespace std;
struct B { string t; int n = 1; void c() { stringstream s("x,y"); while (getline(s, t, ',')) n++; } void d() { stringstream s("x y"); while (s >> t) n++; } void e() { while (getline(cin, t)) n++; } };
int main() { string t; stringstream s("x,y"); int n = 0; while (getline(s, t, ',')) n++; cout << t << n << endl; B b; b.c(); cout << b.t << b.n << endl; b.d(); cout << b.t << b.n << endl; b.e(); cout << "[" << b.t << "]" << b.n << endl; stringstream q("a b"); while (q >> t) n++; cout << t << endl; }
