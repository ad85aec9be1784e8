#include <iostream>
#include <string>
using namespace std;
class A { public: int v; A(int v = 0) : v(v) {} A operator+(const A& o) const { return A(v + o.v); } void take(A o) { v += o.v; } A& operator+=(const A& o) { v += o.v; return *this; } };
class B { public: int n; B(int n) : n(n) {} int operator+(int k) const { return n + k; } void add(int k) { n += k * 100; } B& operator+=(int k) { n += k * 1000; return *this; } bool operator==(int k) const { return n == k; } };
void show(int x) { cout << "int " << x << endl; }
void show(const A& a) { cout << "A " << a.v << endl; }
void only(A a) { cout << "only " << a.v << endl; }
int main() {
    A a(1); B b(2);
    cout << (a + 5).v << " " << b + 5 << endl;
    a.take(3); b.add(3);
    a += 4; b += 4;
    cout << a.v << " " << b.n << (b == 4302) << endl;
    show(7); show(a); only(9);
}
