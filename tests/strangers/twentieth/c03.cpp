#include <iostream>
#include <string>
#include <stdexcept>
#include <vector>
using namespace std;

class Account {
private:
    string owner;
    double balance;
    vector<string> history;
    static int count;

public:
    Account(string o, double b = 0) : owner(o), balance(b) {
        count++;
    }

    void deposit(double amount) {
        if (amount <= 0) throw invalid_argument("amount must be positive");
        balance += amount;
        history.push_back("deposit");
    }

    void withdraw(double amount) {
        if (amount > balance) {
            throw runtime_error(owner + " has too little");
        }
        balance -= amount;
        history.push_back("withdraw");
    }

    double getBalance() const { return balance; }
    string getOwner() const { return owner; }
    static int getCount() { return count; }
    const vector<string>& getHistory() const { return history; }

    virtual void print() const {
        cout << owner << ": " << balance << endl;
    }
    virtual ~Account() {}
};

int Account::count = 0;

class Savings : public Account {
    double rate;

public:
    Savings(string o, double b, double r) : Account(o, b), rate(r) {}
    void addInterest() { deposit(getBalance() * rate); }
    void print() const override {
        cout << "Savings of ";
        Account::print();
    }
};

int main() {
    Account a("Ivy");
    a.deposit(50);
    a.withdraw(10);
    a.print();
    Savings s("Moss", 200, 0.05);
    s.addInterest();
    s.print();
    vector<Account*> all;
    all.push_back(&a);
    all.push_back(&s);
    for (Account* p : all) {
        p->print();
        try {
            p->withdraw(100);
            cout << "ok" << endl;
        } catch (const runtime_error& e) {
            cout << "Error: " << e.what() << endl;
        }
    }
    try {
        s.deposit(-5);
    } catch (const exception& e) {
        cout << "Error: " << e.what() << endl;
    } catch (...) {
        cout << "?" << endl;
    }
    for (const string& h : s.getHistory()) cout << h << ",";
    cout << endl << Account::getCount() << endl;
    Account* p = new Savings("Zed", 1, 1);
    p->print();
    delete p;
    return 0;
}
