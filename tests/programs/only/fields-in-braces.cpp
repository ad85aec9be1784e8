#include <iostream>
#include <string>

class Fraction {
    int num_, den_;

public:
    Fraction(int num, int den) : num_{num}, den_{den} {}
    double value() const { return static_cast<double>(num_) / den_; }
    std::string str() const { return std::to_string(num_) + "/" + std::to_string(den_); }
    bool contains(int n) const { return n == num_ || n == den_; }
    friend std::ostream& operator<<(std::ostream& os, const Fraction& f) {
        return os << f.num_ << " over " << f.den_;
    }
};

int main() {
    Fraction f(3, 4);
    std::cout << f << " " << f.value() << " " << f.str() << " " << f.contains(4) << "\n";
    std::string text = "one two";
    std::string::size_type pos = 0, next = text.find(' ');
    std::string::const_iterator it = text.begin();
    std::cout << text.substr(pos, next) << " " << text.substr(next + 1, std::string::npos) << " " << *it << "\n";
}
