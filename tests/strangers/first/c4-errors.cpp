#include <iostream>
#include <stdexcept>
#include <string>
#include <map>

class NotEnough : public std::runtime_error {
public:
    explicit NotEnough(int missing) : std::runtime_error("not enough water"), missing_(missing) {}
    int missing() const { return missing_; }
private:
    int missing_;
};

void transfer(std::map<std::string, int>& accounts, const std::string& giver, const std::string& taker, int amount) {
    if (amount <= 0) throw std::invalid_argument("amount must be positive");
    if (accounts.at(giver) < amount) throw NotEnough(amount - accounts.at(giver));
    accounts.at(giver) -= amount;
    accounts.at(taker) += amount;
}

int main() {
    std::map<std::string, int> accounts{{"north", 10}, {"south", 3}};
    for (int amount : {4, 40, -1}) {
        try {
            transfer(accounts, "north", "south", amount);
            std::cout << "ok\n";
        } catch (const NotEnough& e) {
            std::cout << e.what() << ", " << e.missing() << " missing\n";
        } catch (const std::exception& e) {
            std::cout << "wrong: " << e.what() << "\n";
        }
    }
    for (const auto& [name, left] : accounts) std::cout << name << " " << left << "\n";
    try { std::cout << std::stoi("12a") << std::stoi("x"); }
    catch (std::invalid_argument&) { std::cout << " no number\n"; }
    catch (...) { std::cout << "?"; }
}
