#include <iostream>
#include <limits>
#include <string>
using namespace std;

class BankAccount
{
public:
    BankAccount(string n, double b);
    void deposit(double amount);
    bool withdraw(double amount);
    double getBalance() const;
    static int getCount();
private:
    string owner;
    double balance;
    static int count;
};

int BankAccount::count = 0;

BankAccount::BankAccount(string n, double b) : owner(n)
{
    balance = b;
    count++;
}
void BankAccount::deposit(double amount)
{
    if (amount <= 0)
    {
        cerr << "bad amount" << endl;
        return;
    }
    balance += amount;
}
bool BankAccount::withdraw(double amount)
{
    if (amount > balance)
        return false;
    balance -= amount;
    return true;
}
double BankAccount::getBalance() const { return balance; }
int BankAccount::getCount() { return count; }

int readChoice()
{
    int choice;
    while (!(cin >> choice) || choice < 1 || choice > 4)
    {
        if (cin.eof()) return 4;
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
        cout << "Please enter 1-4: ";
    }
    return choice;
}

int main()
{
    BankAccount acc("Ada", 100.0);
    BankAccount *other = new BankAccount("Bo", 5);
    int choice;
    double amount;
    do
    {
        cout << "1) deposit 2) withdraw 3) balance 4) quit\n> ";
        choice = readChoice();
        switch (choice)
        {
        case 1:
            cout << "Amount: ";
            cin >> amount;
            acc.deposit(amount);
            break;
        case 2:
            cout << "Amount: ";
            cin >> amount;
            if (!acc.withdraw(amount))
                cout << "Not enough!\n";
            break;
        case 3:
            cout << "Balance: " << acc.getBalance() << "\n";
            break;
        }
    } while (choice != 4);
    cout << BankAccount::getCount() << " accounts, other has " << other->getBalance() << endl;
    delete other;
    other = nullptr;
    return 0;
}
