#include <iostream>
#include <string>
using namespace std;
class Account {
private:
    string owner;
    double balance;
    static int count;
public:
    Account(string o, double b = 0) : owner(o), balance(b) { count++; }
    void deposit(double amount) { if (amount <= 0) { cout << "Invalid amount" << endl; return; } balance += amount; }
    bool withdraw(double amount) { if (amount > balance) return false; balance -= amount; return true; }
    double getBalance() const { return balance; }
    string getOwner() const { return owner; }
    static int getCount() { return count; }
};
int Account::count = 0;
class Savings : public Account {
    double rate;
public:
    Savings(string o, double b, double r) : Account(o, b), rate(r) {}
    void addInterest() { deposit(getBalance() * rate); }
};
int main() {
    Account a("Juniper", 100);
    Savings s("Rowan", 200, 0.05);
    a.deposit(50); a.deposit(-5); s.addInterest();
    cout << a.getOwner() << " " << a.getBalance() << " " << (a.withdraw(500) ? "ok" : "no") << endl;
    cout << s.getBalance() << " " << Account::getCount() << endl;
    Account* p = new Account("Heap"); cout << p->getOwner() << Account::getCount() << endl; delete p;
}
