#include <iostream>
#include <iomanip>
using namespace std;
class A {
    double x = 2.5;
public:
    void print(ostream& os) const { os << fixed << setprecision(2) << x; }
    friend ostream& operator<<(ostream& os, const A& a) { a.print(os); return os; }
};
void note(ostream& out, double v) { out << setprecision(3) << v << endl; }
int main() { A a; cout << a << endl; cout << 1.5 << endl; note(cout, 2.0); cout << 2.5 << endl; a.print(cout); cout << endl; }
