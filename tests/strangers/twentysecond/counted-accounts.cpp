#include <iostream>
#include <string>
#include <vector>
using namespace std;
class Account {
private:
    string owner;
    double balance;
    static int count;
    vector<string> log;
public:
    Account(string owner, double balance = 0.0);
    virtual ~Account();
    void deposit(double amount);
    virtual bool withdraw(double amount);
    double getBalance() const { return balance; }
    string getOwner() const;
    static int getCount() { return count; }
    friend ostream& operator<<(ostream& out, const Account& a);
protected:
    void note(const string& what) { log.push_back(what); }
    void change(double by) { balance += by; }
};
int Account::count = 0;
Account::Account(string owner, double balance) : owner(owner), balance(balance) { count++; }
Account::~Account() { count--; }
void Account::deposit(double amount) {
    if (amount <= 0) throw invalid_argument("Amount must be positive");
    balance += amount;
    note("deposit");
}
bool Account::withdraw(double amount) {
    if (amount > balance) return false;
    balance -= amount;
    note("withdraw");
    return true;
}
string Account::getOwner() const { return owner; }
ostream& operator<<(ostream& out, const Account& a) { out << a.owner << ": $" << a.balance << " (" << a.log.size() << ")"; return out; }
class Savings : public Account {
    double rate;
public:
    Savings(string o, double b, double r) : Account(o, b), rate(r) {}
    void addInterest() { change(getBalance() * rate); note("interest"); }
    bool withdraw(double amount) override { if (amount > 500) { cout << "Limit!" << endl; return false; } return Account::withdraw(amount); }
};
int main() {
    Account a("Ann", 100);
    Savings s("Sam", 1000, 0.05);
    Account* all[] = {&a, &s};
    for (Account* acc : all) { acc->deposit(50); if (!acc->withdraw(600)) cout << acc->getOwner() << " failed" << endl; }
    s.addInterest();
    cout << a << endl << s << endl << Account::getCount() << endl;
    { Account temp("T"); cout << Account::getCount() << endl; }
    cout << Account::getCount() << endl;
    try { a.deposit(-5); } catch (invalid_argument& e) { cout << "Error: " << e.what() << endl; }
}
