#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
#include <map>
#include <stdexcept>

class Account {
private:
    std::string owner;
    double balance;
    std::vector<std::string> log;
    static int count;

public:
    Account(const std::string& owner, double balance = 0.0) : owner(owner), balance(balance) { ++count; }
    const std::string& getOwner() const { return owner; }
    double getBalance() const { return balance; }
    void deposit(double amount) {
        if (amount <= 0) throw std::invalid_argument("deposit must be positive");
        balance += amount;
        log.push_back("deposit " + std::to_string(amount));
    }
    void withdraw(double amount);
    void print(std::ostream& out) const {
        out << owner << ": " << balance << "\n";
        for (const auto& line : log) out << "  " << line << "\n";
    }
    static int getCount() { return count; }
    friend std::ostream& operator<<(std::ostream& out, const Account& a);
    bool operator<(const Account& other) const { return balance < other.balance; }
};

int Account::count = 0;

void Account::withdraw(double amount) {
    if (amount > balance) {
        throw std::runtime_error(owner + " has only " + std::to_string((int)balance));
    }
    balance -= amount;
    log.push_back("withdraw " + std::to_string(amount));
}

std::ostream& operator<<(std::ostream& out, const Account& a) {
    return out << "[" << a.owner << " " << a.balance << "]";
}

int main() {
    std::vector<Account> accounts{Account("Ada", 100), Account("Bo"), {"Cy", 55.5}};
    accounts.emplace_back("Dee", 70);
    try {
        accounts[0].withdraw(30.25);
        accounts[1].deposit(12);
        accounts[2].withdraw(1000);
        std::cout << "not reached\n";
    } catch (const std::runtime_error& e) {
        std::cout << "runtime: " << e.what() << std::endl;
    }
    try {
        accounts.at(1).deposit(-1);
    } catch (const std::exception& e) {
        std::cout << "error: " << e.what() << std::endl;
    }
    try {
        accounts.at(9).deposit(1);
    } catch (const std::out_of_range&) {
        std::cout << "no such account" << std::endl;
    } catch (...) {
        std::cout << "something else" << std::endl;
    }
    std::sort(accounts.begin(), accounts.end());
    for (const auto& a : accounts) std::cout << a << ' ';
    std::cout << '\n';
    std::sort(accounts.begin(), accounts.end(), [](const Account& x, const Account& y) { return x.getOwner() > y.getOwner(); });
    for (const auto& a : accounts) a.print(std::cout);
    auto it = std::find_if(accounts.begin(), accounts.end(), [](const Account& a) { return a.getOwner() == "Bo"; });
    if (it != accounts.end()) std::cout << "found " << it->getOwner() << " at " << it - accounts.begin() << "\n";
    std::map<std::string, double> by;
    for (auto& a : accounts) by[a.getOwner()] += a.getBalance();
    for (auto& [name, sum] : by) std::cout << name << "=" << sum << ";";
    std::cout << "\n" << Account::getCount() << " accounts\n";
    return 0;
}
