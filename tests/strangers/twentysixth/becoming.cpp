#include <iostream>
using namespace std;
class B { public: int n; B(int n = 0) : n(n) {} B operator*(const B& o) const { return B(n * o.n); }
 B& operator*=(const B& o) { return *this = *this * o; }
 B& twice() { *this = B(n * 2); return *this; } };
int main() { B f(1); for (int i = 2; i < 5; i++) f *= B(i); cout << f.n << endl; f.twice(); cout << f.n; if (f.n) f *= 2; cout << f.n << endl; }
