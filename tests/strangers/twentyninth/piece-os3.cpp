#include <iostream>
#include <iomanip>
class S { double a; public: S(double a) : a(a) {}
  virtual void print(std::ostream& os) const { os << "area " << a; } };
std::ostream& operator<<(std::ostream& os, const S& s) { s.print(os); return os; }
int main() {
    S s(2.0 / 3);
    std::cout << s << '\n';
    std::cout << std::fixed << std::setprecision(1) << s << '\n';
    s.print(std::cout);
    std::cout << std::setw(9) << 1.25 << '\n';
}
