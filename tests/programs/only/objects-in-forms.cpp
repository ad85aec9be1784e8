#include <iostream>
#include <iomanip>
#include <string>
struct Plant { std::string name; double height; int pots; bool dry; };
std::ostream& operator<<(std::ostream& os, const Plant& p) {
    return os << std::left << std::setw(8) << p.name << std::right << std::setw(7) << std::fixed << std::setprecision(1) << p.height << ' ' << p.pots << std::boolalpha << p.dry;
}
int main() {
    Plant a{"rose", 1.25, 3, true}, b{"oak", 12, 1, false};
    std::cout << 0.123456789 << " " << true << std::endl;
    std::cout << a << std::endl << b << std::endl;
    std::cout << 0.123456789 << " " << true << std::endl;
    std::cout << std::setw(12) << a << "|" << std::setw(5) << 7 << std::endl;
}
