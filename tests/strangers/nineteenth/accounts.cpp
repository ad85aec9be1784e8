#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <numeric>
#include <iomanip>
#include <stdexcept>

class Account {
private:
    std::string owner_;
    double balance_;
    static int count_;
    std::vector<std::pair<std::string, double>> log_;

public:
    explicit Account(const std::string& owner, double opening = 0.0)
        : owner_{owner}, balance_{opening} {
        ++count_;
    }
    virtual ~Account() = default;

    void deposit(double amount) {
        if (amount <= 0) throw std::invalid_argument("Deposit must be positive");
        balance_ += amount;
        log_.emplace_back("in", amount);
    }
    virtual bool withdraw(double amount) {
        if (amount > balance_) return false;
        balance_ -= amount;
        log_.push_back({"out", amount});
        return true;
    }
    double balance() const { return balance_; }
    const std::string& owner() const { return owner_; }
    static int count() { return count_; }
    virtual void print(std::ostream& os) const {
        os << std::left << std::setw(8) << owner_ << std::right << std::setw(10) << std::fixed << std::setprecision(2) << balance_;
    }
    friend std::ostream& operator<<(std::ostream& os, const Account& a) {
        a.print(os);
        return os;
    }
    const auto& log() const { return log_; }
};
int Account::count_ = 0;

class Savings : public Account {
    double rate_;

public:
    Savings(const std::string& owner, double opening, double rate) : Account(owner, opening), rate_(rate) {}
    void addInterest() { deposit(balance() * rate_); }
    bool withdraw(double amount) override {
        if (amount > 100) {
            std::cout << "Limit!\n";
            return false;
        }
        return Account::withdraw(amount);
    }
    void print(std::ostream& os) const override {
        Account::print(os);
        os << " @" << rate_ * 100 << "%";
    }
};

int main() {
    Account fern("Fern", 50);
    Savings ivy{"Ivy", 1000, 0.05};
    std::vector<Account*> all{&fern, &ivy};
    for (auto* account : all) {
        account->deposit(25.5);
        std::cout << std::boolalpha << account->withdraw(200) << '\n';
    }
    ivy.addInterest();
    for (const Account* account : all) std::cout << *account << std::endl;
    try {
        fern.deposit(-1);
    } catch (const std::invalid_argument& e) {
        std::cerr << "E\n";
        std::cout << "Error: " << e.what() << '\n';
    }
    std::cout << Account::count() << '\n';
    for (const auto& [kind, amount] : ivy.log()) std::cout << kind << '=' << amount << ' ';
    std::cout << '\n';
    double sum = std::accumulate(all.begin(), all.end(), 0.0, [](double s, const Account* a) { return s + a->balance(); });
    std::cout << sum << '\n';
    auto richest = *std::max_element(all.begin(), all.end(), [](Account* a, Account* b) { return a->balance() < b->balance(); });
    std::cout << richest->owner() << '\n';
    return 0;
}
