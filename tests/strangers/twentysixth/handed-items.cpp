#include <bits/stdc++.h>
using namespace std;
struct B { int n; void up(int& k) { k += n; } };
void bump(vector<int>& v) { v.push_back(1); }
void two(int& a, int& b) { int t = a; a = b; b = t; }
template <typename T> void dbl(T& x) { x = x + x; }
int main() {
 vector<vector<int>> g(2); for (auto& r : g) bump(r); cout << g[0].size();
 B b{3}; vector<int> w{1, 2}; for (int& x : w) b.up(x); cout << w[0] << w[1];
 for (auto& x : w) dbl(x); cout << w[0];
 for (size_t i = 0; i + 1 < w.size(); ++i) two(w[i], w[i + 1]); cout << w[0];
 int arr[3] = {1, 2, 3}; two(arr[0], arr[2]); cout << arr[0]; B o{1}; two(o.n, arr[1]); cout << o.n << arr[1];
 map<string, int> m{{"a", 1}}; two(m["a"], w[0]); cout << m["a"];
 auto f = [](int& x) { x *= 10; }; f(w[0]); for (int& x : w) f(x); cout << w[0];
 vector<B> bs{{1}, {2}}; for (auto& q : bs) two(q.n, w[1]); cout << bs[0].n << bs[1].n << w[1];
 int& ref = w[0]; two(ref, w[1]); cout << w[0]; swap(w[0], w[1]); cout << w[0];
}
