#include <iostream>
using namespace std;
class A { int x = 1; public: int get() { return x; } };
class B : public A { int x = 2; public: int own() { return x; } };
int main() { B b; cout << b.get() << b.own() << endl; }
