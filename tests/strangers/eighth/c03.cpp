#include <iostream>
#include <memory>
#include <stdexcept>
#include <string>
#include <vector>

class Account {
protected:
    std::string owner;
    double balance;
    static int count;

public:
    Account(std::string owner, double balance = 0) : owner(std::move(owner)), balance(balance) { ++count; }
    virtual ~Account() = default;
    virtual void withdraw(double amount) {
        if (amount > balance) throw std::runtime_error("not enough for " + owner);
        balance -= amount;
    }
    void deposit(double amount) {
        if (amount <= 0) throw std::invalid_argument("amount must be positive");
        balance += amount;
    }
    double getBalance() const { return balance; }
    static int howMany() { return count; }
    friend std::ostream &operator<<(std::ostream &out, const Account &a) { return out << a.owner << ": " << a.balance; }
};
int Account::count = 0;

class Overdraft : public Account {
    double limit;

public:
    Overdraft(const std::string &owner, double balance, double limit) : Account(owner, balance), limit(limit) {}
    void withdraw(double amount) override {
        if (balance - amount < -limit) throw std::runtime_error("limit reached");
        balance -= amount;
    }
};

int main() {
    std::vector<std::unique_ptr<Account>> accounts;
    accounts.push_back(std::make_unique<Account>("Fern", 50));
    accounts.emplace_back(new Overdraft("Moss", 20, 100));
    for (auto &a : accounts) {
        try {
            a->deposit(10);
            a->withdraw(90);
            std::cout << "ok ";
        } catch (const std::runtime_error &e) {
            std::cout << "failed (" << e.what() << ") ";
        }
        std::cout << *a << '\n';
    }
    try {
        accounts[0]->deposit(-1);
    } catch (const std::exception &e) {
        std::cerr << e.what() << '\n';
    }
    std::cout << Account::howMany() << " " << accounts.back()->getBalance() << std::endl;
}
