#include <iostream>
using namespace std;
struct A { int n = 2; int operator()(int k) const { return n + k; } };
int main() {
    A* a = new A();
    cout << (*a)(3) << endl;
    A b;
    cout << b(4) << A()(5) << endl;
    A* c = &b;
    int x = (*c)(3);
    cout << x << endl;
}
