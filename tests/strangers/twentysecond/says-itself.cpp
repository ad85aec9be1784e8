#include <iostream>
#include <stdexcept>
#include <string>
class InsufficientFunds : public std::exception {
    double needed;
    std::string message;
public:
    InsufficientFunds(double n) : needed(n) { message = "Need " + std::to_string((int)n) + " more"; }
    double getNeeded() const { return needed; }
    const char* what() const noexcept override;
};
const char* InsufficientFunds::what() const noexcept { return message.c_str(); }
class Neg : public std::invalid_argument { public: Neg() : std::invalid_argument("neg base") {} const char* what() const noexcept override { return "neg own"; } };
void pay(double b, double a) { if (a < 0) throw Neg(); if (a > b) throw InsufficientFunds(a - b); std::cout << "paid" << std::endl; }
int main() {
    for (double a : {5.0, 50.0, -1.0}) {
        try { pay(10, a); }
        catch (const InsufficientFunds& e) { std::cout << e.what() << " " << e.getNeeded() << std::endl; }
        catch (const std::exception& e) { std::cerr << "x"; std::cout << "Error: " << e.what() << std::endl; }
    }
}
