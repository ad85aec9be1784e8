#include <iostream>
#include <string>
#include <vector>
#include <stdexcept>
using namespace std;

class InsufficientFunds : public runtime_error {
    double missing;
public:
    InsufficientFunds(double m) : runtime_error("not enough leaves"), missing(m) {}
    double getMissing() const { return missing; }
};

class Account {
    static int nextId;
    int id;
    string owner;
    double balance;
    vector<string> log;
    void note(const string& what, double amount) {
        log.push_back(what + " " + to_string((int)amount));
    }
public:
    Account(string owner, double balance = 0) : owner(owner), balance(balance) { id = nextId++; }
    void deposit(double amount) {
        if (amount <= 0) throw invalid_argument("amount must be positive");
        balance += amount;
        note("in", amount);
    }
    void withdraw(double amount) {
        if (amount > balance) throw InsufficientFunds(amount - balance);
        balance -= amount;
        note("out", amount);
    }
    int getId() const { return id; }
    double getBalance() const { return balance; }
    const vector<string>& history() const { return log; }
    bool operator<(const Account& other) const { return balance < other.balance; }
    Account& operator+=(double amount) { deposit(amount); return *this; }
    static int made() { return nextId - 100; }
    friend void transfer(Account& from, Account& to, double amount);
};
int Account::nextId = 100;

void transfer(Account& from, Account& to, double amount) {
    from.withdraw(amount);
    to.balance += amount;
}

int main() {
    Account a("Moss", 50), b("Reed");
    a.deposit(25.5);
    (b += 10) += 5;
    transfer(a, b, 30);
    cout << a.getId() << ": " << a.getBalance() << ", " << b.getId() << ": " << b.getBalance() << endl;
    try {
        transfer(b, a, 1000);
    } catch (InsufficientFunds& e) {
        cout << e.what() << ", missing " << e.getMissing() << endl;
    }
    try {
        b.deposit(-1);
    } catch (const InsufficientFunds&) {
        cout << "never" << endl;
    } catch (const logic_error& e) {
        cout << "logic: " << e.what() << endl;
    } catch (...) {
        cout << "?" << endl;
    }
    for (const string& line : a.history()) cout << "- " << line << endl;
    cout << (a < b ? "b richer" : "a richer") << ' ' << Account::made() << endl;
    Account* p = new Account("Elm");
    p->deposit(3);
    cout << p->getId() << ' ' << p->history().size() << endl;
    delete p;
}
