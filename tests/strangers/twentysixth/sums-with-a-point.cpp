#include <bits/stdc++.h>
using namespace std;
template <typename C> double mean(const C& c) { if (c.empty()) return 0; return accumulate(begin(c), end(c), 0.0) / c.size(); }
double mean2(const vector<int>& c) { return accumulate(c.begin(), c.end(), 0.0) / c.size(); }
double mean3(const vector<int>& c) { double s = accumulate(c.begin(), c.end(), 0.0); return s / c.size(); }
template <typename T> double half(T x) { return x / 2.0; }
template <typename T> double avg(vector<T> v) { T s = 0; for (T x : v) s += x; return (double) s / v.size(); }
template <typename T> double avg2(const vector<T>& v) { double s = 0; for (auto x : v) s += x; return s / v.size(); }
int main() { vector<int> v{1, 2}; cout << mean(v) << mean2(v) << mean3(v) << half(3) << avg(v) << avg2(v) << avg2(vector<double>{1, 2}); }
