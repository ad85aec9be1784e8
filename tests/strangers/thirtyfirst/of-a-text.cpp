#include <iostream>
using namespace std;
class C {
public:
    int n;
    C(int k) { n = k; }
    C(const char* s) : C(7) { cout << s << " "; }
};
int main() { C f("text"); cout << f.n << endl; const char* w = "moss"; C g(w); string q = "z"; C h(q.c_str()); }
