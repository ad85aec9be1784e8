#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
#include <iomanip>
#include <stdexcept>

using namespace std;

class Account {
private:
    string owner;
    double balance;
    static int count;
protected:
    vector<string> log;
public:
    Account(const string& owner, double balance = 0) : owner(owner), balance(balance) { ++count; }
    virtual ~Account() {}
    virtual double interest() const { return balance * 0.02; }
    void deposit(double amount) {
        if (amount <= 0) throw invalid_argument("bad amount");
        balance += amount;
        log.push_back("deposit " + to_string(amount));
    }
    bool withdraw(double amount) {
        if (amount > balance) return false;
        balance -= amount;
        return true;
    }
    double getBalance() const { return balance; }
    const string& getOwner() const { return owner; }
    static int getCount() { return count; }
    friend ostream& operator<<(ostream& os, const Account& a);
};
int Account::count = 0;

ostream& operator<<(ostream& os, const Account& a) {
    os << a.owner << ": " << fixed << setprecision(2) << a.balance;
    return os;
}

class Savings : public Account {
    double rate;
public:
    Savings(string o, double b, double r) : Account(o, b), rate(r) {}
    double interest() const override { return getBalance() * rate; }
};

int main() {
    vector<Account*> accounts;
    accounts.push_back(new Account("Moss", 100));
    accounts.push_back(new Savings("Fern", 250, 0.05));
    accounts[0]->deposit(50);
    try {
        accounts[1]->deposit(-1);
    } catch (const invalid_argument& e) {
        cout << "error: " << e.what() << endl;
    }
    cout << boolalpha << accounts[0]->withdraw(500) << endl;
    sort(accounts.begin(), accounts.end(), [](const Account* a, const Account* b) { return a->getBalance() > b->getBalance(); });
    for (const auto& a : accounts) cout << *a << " interest " << a->interest() << endl;
    cout << Account::getCount() << endl;
    for (auto a : accounts) delete a;
    return 0;
}
