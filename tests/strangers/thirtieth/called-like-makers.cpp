#include <bits/stdc++.h>
using namespace std;
class Bed { public: int n; static Bed madeUp() { Bed b; b.n = 7; return b; } static Bed made() { Bed b; b.n = 9; return b; } }; struct H { Bed b; }; int main() { Bed c; c.n = 1; H h; h.b.n = 2; cout << c.n << h.b.n << Bed::made().n << Bed::madeUp().n; }
