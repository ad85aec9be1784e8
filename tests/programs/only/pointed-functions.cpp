#include <iostream>
#include <vector>
using namespace std;
int add(int a, int b) { return a + b; }
int mul(int a, int b) { return a * b; }
int apply(int (*op)(int, int), int x) { return (*op)(x, x); }
void hi() { cout << "hi" << endl; }
int main() {
    int (*f)(int, int) = add;
    cout << f(2, 3) << (*f)(4, 5);
    f = &mul;
    cout << f(2, 3) << (f == mul) << (f == add) << apply(f, 5) << apply(add, 5) << endl;
    void (*g)() = &hi;
    g();
}
