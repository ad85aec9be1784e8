#include <bits/stdc++.h>
using namespace std;
struct A { vector<int> v; A(vector<int> w) : v{w} {} };
int main() { vector<int> q{1,2}; vector<int> z{q}; cout << z.size(); A a({5, 6}); cout << a.v.size(); A b(q); cout << b.v.size() << b.v[1]; }
