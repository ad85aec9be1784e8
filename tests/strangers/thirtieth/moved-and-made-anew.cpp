#include <bits/stdc++.h>
using namespace std;
struct D { int n; D(int n) : n(n) {} }; int main() { auto p = make_unique<D>(3); if (p->n > 2) { auto q = std :: move ( p ) ; cout << q->n; } if (!p) cout << "moved"; for (int i = 0; i < 2; i++) { if (p) { auto r = move(p); cout << r->n; } else p = make_unique<D>(i); } cout << (p ? "has" : "none"); }
