#include <iostream>
#include <string>
using namespace std;
template <typename T> class St { T d[10]; int n = 0; public: St& push(const T& x) { d[n++] = x; return *this; } T pop() { return d[--n]; } };
struct X { St<double> s; St<int> t; };
int main() { X x; x.s.push(1); x.t.push(7); cout << x.s.pop() / 2 << x.t.pop() / 2; }
