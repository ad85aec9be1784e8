#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <stdexcept>
#include <iomanip>
#include <map>

class Account {
public:
    Account(std::string owner, double balance = 0.0)
        : owner_(std::move(owner)), balance_(balance), number_(++counter_) {}
    virtual ~Account() = default;

    void deposit(double amount) {
        if (amount <= 0) throw std::invalid_argument("amount must be positive");
        balance_ += amount;
    }
    virtual void withdraw(double amount) {
        if (amount > balance_) throw std::runtime_error("insufficient funds in " + std::to_string(number_));
        balance_ -= amount;
    }
    virtual std::string kind() const { return "account"; }
    double balance() const { return balance_; }
    const std::string& owner() const { return owner_; }
    int number() const { return number_; }

protected:
    std::string owner_;
    double balance_;

private:
    int number_;
    static int counter_;
};

int Account::counter_ = 1000;

class Savings : public Account {
    double rate_;
public:
    Savings(const std::string& owner, double balance, double rate) : Account(owner, balance), rate_(rate) {}
    void addInterest() { deposit(balance() * rate_); }
    std::string kind() const override { return "savings"; }
};

class Giro final : public Account {
    double limit_ = 50;
public:
    using Account::Account;
    void withdraw(double amount) override {
        if (amount > balance_ + limit_) throw std::runtime_error("over the limit");
        balance_ -= amount;
    }
    std::string kind() const override { return "giro"; }
};

std::ostream& operator<<(std::ostream& os, const Account& a) {
    return os << std::setw(6) << a.number() << " " << std::left << std::setw(8) << a.owner() << std::right
              << std::fixed << std::setprecision(2) << std::setw(10) << a.balance() << " (" << a.kind() << ")";
}

int main() {
    std::vector<std::unique_ptr<Account>> accounts;
    accounts.push_back(std::make_unique<Savings>("Mina", 200, 0.05));
    accounts.push_back(std::make_unique<Giro>("Odo", 20));
    accounts.emplace_back(new Account("Tam"));

    for (const auto& a : accounts) std::cout << *a << '\n';

    for (auto& a : accounts) {
        try {
            a->withdraw(60);
            std::cout << a->owner() << " ok\n";
        } catch (const std::runtime_error& e) {
            std::cout << a->owner() << ": " << e.what() << '\n';
        }
    }
    try {
        accounts[0]->deposit(-5);
    } catch (const std::exception& e) {
        std::cout << "error: " << e.what() << std::endl;
    }
    if (auto* s = dynamic_cast<Savings*>(accounts[0].get())) {
        s->addInterest();
        std::cout << *s << '\n';
    }
    std::cout << (dynamic_cast<Savings*>(accounts[1].get()) == nullptr) << '\n';
    std::map<std::string, double> totals;
    for (const auto& a : accounts) totals[a->kind()] += a->balance();
    for (const auto& [kind, sum] : totals) std::cout << kind << "=" << sum << "; ";
    std::cout << '\n';
}
