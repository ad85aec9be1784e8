#include <iostream>
#include <iomanip>
#include <memory>
#include <vector>
class S { double a; public: S(double a) : a(a) {} virtual ~S() = default;
  virtual void print(std::ostream& os) const { os << "area " << std::fixed << std::setprecision(2) << a; } };
std::ostream& operator<<(std::ostream& os, const S& s) { s.print(os); return os; }
int main() {
    S s(2.0 / 3);
    std::cout << s << '\n';
    double total = 3.14159;
    std::cout << "Total: " << total << '\n';
    std::cout << total << std::endl;
}
