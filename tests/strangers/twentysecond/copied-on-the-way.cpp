#include <iostream>
using namespace std;
class V { int* d; int n; public: V(int k) : n(k) { d = new int[n](); } V(const V& o) : n(o.n) { d = new int[n]; for (int i = 0; i < n; i++) d[i] = o.d[i]; } V& operator=(const V& o) { if (this == &o) return *this; delete[] d; n = o.n; d = new int[n]; for (int i = 0; i < n; i++) d[i] = o.d[i]; return *this; } ~V() { delete[] d; } int& at(int i) { return d[i]; } int sum() const { int s = 0; for (int i = 0; i < n; i++) s += d[i]; return s; } };
V twice(V v) { for (int i = 0; i < 2; i++) v.at(i) *= 2; return v; }
int main() { V a(2); a.at(0) = 3; a.at(1) = 4; V b = twice(a); cout << a.sum() << b.sum(); V c(a); c.at(0) = 100; cout << a.sum() << c.sum(); b = c; b.at(1) = 0; cout << c.sum() << b.sum(); }
