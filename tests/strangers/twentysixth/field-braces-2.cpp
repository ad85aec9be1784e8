#include <bits/stdc++.h>
using namespace std;
struct P { int x, y; P(int a, int b) : x{a}, y{b} {} };
struct A { vector<int> v; pair<int,int> p; P q; map<string,int> m; A(vector<int> w) : v{w}, p(1, 2), q(3, 4), m{{"a", 1}} {} };
struct B { vector<P> ps; vector<vector<int>> g; B() : ps{P(1, 2), {3, 4}}, g{{1, 2}, {3}} {} };
struct C { P a; P b; C() : a(1, 2), b{3, 4} {} };
int main() { C c; cout << c.a.y << c.b.y; B b; cout << b.ps.size() << b.ps[1].x << b.g[0][1] << b.g.size(); A a({5, 6}); cout << a.v.size() << a.q.y << a.m["a"] << a.p.second; }
