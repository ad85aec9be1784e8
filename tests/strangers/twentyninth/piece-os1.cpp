#include <iostream>
#include <iomanip>
using namespace std;
class S { double a; public: S(double a) : a(a) {}
  void print(ostream& os) const { os << "area " << fixed << setprecision(2) << a; } };
ostream& operator<<(ostream& os, const S& s) { s.print(os); return os; }
class T { double a; public: T(double a) : a(a) {}
  friend ostream& operator<<(ostream& os, const T& t) { return os << fixed << setprecision(1) << t.a; } };
void show(ostream& os, double d) { os << setprecision(3) << d << endl; }
int main() {
    cout << 3.14159 << endl;
    S s(2.0 / 3);
    cout << s << endl;
    cout << 3.14159 << endl;
    T t(5.55);
    cout << t << " " << 2.71828 << endl;
    show(cout, 1.23456);
    cout << 9.87654 << endl;
}
