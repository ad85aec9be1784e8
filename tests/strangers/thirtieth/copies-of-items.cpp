#include <iostream>
#include <vector>
#include <algorithm>
#include <iterator>
#include <string>
using namespace std;
struct S { int n; vector<int> l; };
vector<S> firstTwo(const vector<S>& v) { return vector<S>(v.begin(), v.begin() + 2); }
int main() { S s[] = {{1}, {2}}; vector<S> v(s, s + 2); v[0].n = 9; cout << s[0].n << v[0].n; vector<S> w(v.begin(), v.end()); w[1].n = 7; cout << v[1].n << w[1].n; vector<S> x(v.begin(), v.begin() + 1); x[0].n = 5; cout << v[0].n;
 vector<S> all; all.insert(all.end(), v.begin(), v.end()); all[0].n = 77; cout << v[0].n << all.size(); copy(v.begin(), v.end(), back_inserter(all)); all[2].n = 66; cout << v[0].n; auto f = firstTwo(v); f[0].n = 3; cout << v[0].n; vector<S> b(v.rbegin(), v.rend()); b[0].n = 44; cout << v[1].n; vector<vector<int>> g{{1}, {2}}, h(g.begin(), g.end()); h[0][0] = 8; cout << g[0][0]; vector<S> as; as.assign(v.begin(), v.end()); as[0].n = 2; cout << v[0].n; vector<S> filtered; copy_if(v.begin(), v.end(), back_inserter(filtered), [](const S& q) { return q.n > 0; }); filtered[0].n = 1000; cout << v[0].n; for (auto& q : v) if (q.n > 2) { filtered.push_back(q); } filtered.back().n = 31; cout << v[0].n << v[1].n; S m = *max_element(v.begin(), v.end(), [](const S& a, const S& b) { return a.n < b.n; }); m.n = 55; cout << v[0].n; S r = v.front(); r.n = 0; S t = v.at(1); t.l.push_back(1); cout << v[0].n << v[1].l.size(); swap(v[0], v[1]); v[0].n = 12; cout << v[1].n; }
