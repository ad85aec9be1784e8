#include <iostream>
#include <iomanip>
#include <map>
#include <memory>
#include <stdexcept>
#include <string>
#include <vector>

class Account {
protected:
    std::string owner;
    double balance;
    std::vector<double> log;

public:
    explicit Account(const std::string& owner, double start = 0.0) : owner(owner), balance(start) {}
    virtual ~Account() = default;

    virtual void withdraw(double amount) {
        if (amount > balance)
            throw std::runtime_error("Not enough seeds for " + owner);
        balance -= amount;
        log.push_back(-amount);
    }

    void deposit(double amount) {
        if (amount <= 0) throw std::invalid_argument("amount must be positive");
        balance += amount;
        log.push_back(amount);
    }

    virtual std::string kind() const { return "plain"; }
    double getBalance() const { return balance; }
    const std::string& getOwner() const { return owner; }
    std::size_t moves() const { return log.size(); }
};

class Savings : public Account {
    double rate;

public:
    Savings(const std::string& owner, double start, double rate) : Account(owner, start), rate(rate) {}

    void addInterest() { deposit(balance * rate); }

    void withdraw(double amount) override {
        Account::withdraw(amount + 0.5);
    }

    std::string kind() const override { return "savings"; }
};

std::ostream& operator<<(std::ostream& os, const Account& a) {
    return os << std::left << std::setw(8) << a.getOwner() << std::right << std::setw(10) << std::fixed << std::setprecision(2) << a.getBalance() << " (" << a.kind() << ")";
}

int main() {
    std::vector<std::unique_ptr<Account>> accounts;
    accounts.push_back(std::make_unique<Account>("Ash", 20));
    accounts.push_back(std::make_unique<Savings>("Fern", 100, 0.05));

    for (auto& account : accounts) {
        try {
            account->deposit(12.5);
            account->withdraw(40);
        } catch (const std::runtime_error& e) {
            std::cout << "Error: " << e.what() << '\n';
        }
    }
    if (auto* s = dynamic_cast<Savings*>(accounts[1].get())) {
        s->addInterest();
    }
    for (const auto& account : accounts) {
        std::cout << *account << " moves: " << account->moves() << std::endl;
    }
    try {
        accounts.front()->deposit(-1);
    } catch (const std::exception& e) {
        std::cerr << e.what() << "\n";
        std::cout << "caught" << std::endl;
    }
    std::map<std::string, double> totals;
    for (const auto& a : accounts) totals[a->kind()] += a->getBalance();
    for (const auto& [kind, total] : totals) std::cout << kind << ": " << total << "\n";
    return 0;
}
