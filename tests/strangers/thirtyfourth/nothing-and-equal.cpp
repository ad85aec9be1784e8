#include <iostream>
using namespace std;
struct B { char m = 'x'; bool operator==(const B& o) const { return m == o.m; } virtual ~B() {} };
struct P : B { int k = 1; };
int main() {
    B* z = new P(); B* q = nullptr;
    cout << (z == nullptr) << (z != nullptr) << (q == nullptr) << (z == q) << (z == z) << (*z == *z) << endl;
    cout << (dynamic_cast<P*>(z) != nullptr) << (dynamic_cast<P*>(q) == nullptr) << endl;
}
