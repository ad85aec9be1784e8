#include <bits/stdc++.h>
using namespace std;
struct D { int n; D(int n) : n(n) {} }; int main() { auto p = make_unique<D>(3); { auto q = move(p); cout << q->n; } cout << (p == nullptr); }
