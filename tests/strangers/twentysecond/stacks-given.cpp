#include <iostream>
using namespace std;
template <typename T> class St { T d[10]; int n = 0; public: void push(const T& x) { d[n++] = x; } T pop() { return d[--n]; } };
void fill(St<double>& s) { s.push(1); s.push(3); } double sum(St<double> s) { return s.pop() / 2; }
int main() { St<double> a; St<int> b; fill(a); b.push(3); cout << sum(a) << b.pop() / 2; St<double>* p = &a; p->push(5); cout << p->pop() / 2; }
