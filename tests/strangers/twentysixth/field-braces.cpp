#include <bits/stdc++.h>
using namespace std;
struct A { vector<int> v; string s; int n; vector<string> w; A() : v{3}, s{"ab"}, n{4}, w{"x", "y"} {} };
struct B { vector<int> v; string s; B(int k) : v(k), s(k, 'z') {} };
struct C { vector<int> v; C() : v{1, 2, 3} {} C(int a) : v{a} {} C(int a, int b) : v(a, b) {} };
struct D { vector<int> v{5}; vector<int> w = {6}; vector<int> x = vector<int>(2); };
int main() { A a; cout << a.v.size() << a.v[0] << a.s << a.n << a.w.size(); B b(2); cout << b.v.size() << b.v[0] << b.s; C c, d(9), e(2, 7); cout << c.v.size() << d.v.size() << d.v[0] << e.v.size() << e.v[0]; D q; cout << q.v.size() << q.v[0] << q.w[0] << q.x.size(); vector<int> z{4}; cout << z.size(); }
