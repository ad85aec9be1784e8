#include <iostream>
using namespace std;
struct N { int v; N* next; };
N* none() { return nullptr; }
class C { public: static N* sn() { return nullptr; } N* mn() { return nullptr; } };
int main() {
    N* a = none(); cout << (a == nullptr);
    N* b = C::sn(); cout << (b == nullptr);
    C c; N* d = c.mn(); cout << (d == nullptr) << endl;
    N x{1, none()}; cout << (x.next == nullptr) << endl;
}
