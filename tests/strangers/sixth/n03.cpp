#include <iostream>
#include <string>
using namespace std;

class Account {
private:
    string owner;
    double balance;
    int number;
    static int next;

public:
    Account(string owner) : owner(owner), balance(0), number(next++) {}
    Account(string owner, double start) {
        this->owner = owner;
        balance = start;
        number = next++;
    }
    bool withdraw(double amount) {
        if (amount > balance) {
            cout << "Insufficient funds" << endl;
            return false;
        }
        balance -= amount;
        return true;
    }
    void deposit(double amount) { if (amount > 0) balance += amount; }
    double getBalance() const { return balance; }
    string getOwner() const { return owner; }
    int getNumber() const { return number; }
    void transfer(Account& to, double amount) {
        if (withdraw(amount)) to.deposit(amount);
    }
};

int Account::next = 1001;

int main() {
    Account a("Fern", 100), b("Moss");
    a.transfer(b, 30);
    b.withdraw(50);
    a.deposit(-5);
    cout << a.getNumber() << " " << a.getOwner() << " " << a.getBalance() << endl;
    cout << b.getNumber() << " " << b.getOwner() << " " << b.getBalance() << endl;
    Account* p = &a;
    p->deposit(1.5);
    cout << p->getBalance() << endl;
    return 0;
}
