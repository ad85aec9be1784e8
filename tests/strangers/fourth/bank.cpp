#include <iostream>
#include <stdexcept>
#include <string>
#include <vector>
#include <memory>

class InsufficientFunds : public std::runtime_error {
public:
    InsufficientFunds(double need) : std::runtime_error("not enough"), need(need) {}
    double need;
};

class Account {
protected:
    std::string owner;
    double balance;
    static int count;
public:
    Account(const std::string& owner, double balance = 0) : owner(owner), balance(balance) { ++count; }
    virtual ~Account() {}
    void deposit(double amount) {
        if (amount <= 0) throw std::invalid_argument("bad amount");
        balance += amount;
    }
    virtual void withdraw(double amount) {
        if (amount > balance) throw InsufficientFunds(amount - balance);
        balance -= amount;
    }
    virtual std::string describe() const { return owner + ": " + std::to_string(static_cast<int>(balance)); }
    double getBalance() const { return balance; }
    static int getCount() { return count; }
    friend std::ostream& operator<<(std::ostream& os, const Account& a) {
        return os << a.describe();
    }
    bool operator<(const Account& other) const { return balance < other.balance; }
};
int Account::count = 0;

class Savings : public Account {
    double rate;
public:
    Savings(const std::string& owner, double balance, double rate) : Account(owner, balance), rate(rate) {}
    void addInterest() { deposit(balance * rate); }
    std::string describe() const override { return "[S] " + Account::describe(); }
};

int main() {
    Account a("Juniper", 20);
    Savings s("Rowan", 100, 0.1);
    s.addInterest();
    a.deposit(5);
    std::cout << a << "\n" << s << "\n";
    try {
        a.withdraw(1000);
    } catch (const InsufficientFunds& e) {
        std::cout << e.what() << " " << e.need << "\n";
    }
    try {
        a.deposit(-1);
    } catch (std::exception& e) {
        std::cout << "error: " << e.what() << "\n";
    }
    std::vector<std::unique_ptr<Account>> all;
    all.push_back(std::make_unique<Account>("Fern", 3));
    all.push_back(std::make_unique<Savings>("Moss", 50, 0.02));
    for (const auto& p : all) std::cout << p->describe() << "\n";
    std::cout << Account::getCount() << " " << (a < s) << "\n";
    Account* poly = new Savings("Reed", 8, 0.5);
    std::cout << poly->describe() << "\n";
    delete poly;
    return 0;
}
