#include <iostream>
#include <string>
#include <vector>
#include <stdexcept>
#include <limits>

using namespace std;

class Account {
protected:
    string owner;
    double balance;
public:
    Account(string o, double b = 0.0) : owner(o), balance(b) {}
    virtual ~Account() {}
    virtual void deposit(double amount) {
        if (amount <= 0) throw invalid_argument("amount must be positive");
        balance += amount;
    }
    virtual void withdraw(double amount) {
        if (amount > balance) throw runtime_error("not enough money");
        balance -= amount;
    }
    string getOwner() const { return owner; }
    double getBalance() const { return balance; }
    virtual string kind() const { return "Account"; }
};

class Savings : public Account {
    double rate;
public:
    Savings(string o, double b, double r) : Account(o, b), rate(r) {}
    void addInterest() { balance += balance * rate / 100; }
    string kind() const override { return "Savings"; }
    void withdraw(double amount) override {
        Account::withdraw(amount + 1);
    }
};

int showMenu() {
    cout << "1) deposit 2) withdraw 3) interest 4) show 0) quit" << endl;
    int choice;
    while (!(cin >> choice)) {
        cout << "a number please" << endl;
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
    }
    return choice;
}

int main() {
    vector<Account*> accounts;
    accounts.push_back(new Account("Juno", 50));
    accounts.push_back(new Savings("Moss", 100, 2.5));
    int choice;
    do {
        choice = showMenu();
        int who = 0;
        double amount = 0;
        switch (choice) {
            case 1:
            case 2:
                cin >> who >> amount;
                if (who < 0 || who >= (int)accounts.size()) {
                    cout << "no such account" << endl;
                    break;
                }
                try {
                    if (choice == 1) accounts[who]->deposit(amount);
                    else accounts[who]->withdraw(amount);
                } catch (const invalid_argument& e) {
                    cout << "Invalid: " << e.what() << endl;
                } catch (const exception& e) {
                    cout << "Error: " << e.what() << endl;
                }
                break;
            case 3:
                for (Account* a : accounts) {
                    Savings* s = dynamic_cast<Savings*>(a);
                    if (s) s->addInterest();
                }
                break;
            case 4:
                for (auto a : accounts)
                    cout << a->kind() << " of " << a->getOwner() << ": " << a->getBalance() << endl;
                break;
            case 0:
                cout << "Bye" << endl;
                break;
            default:
                cout << "?" << endl;
        }
    } while (choice != 0);
    for (Account* a : accounts) delete a;
    return 0;
}
