#include <iostream>
#include <string>
#include <iomanip>

using namespace std;

class BankAccount
{
private:
    string owner;
    double balance;
    static int numberOfAccounts;

public:
    BankAccount()
    {
        owner = "nobody";
        balance = 0.0;
        numberOfAccounts++;
    }

    BankAccount(string o, double b)
    {
        owner = o;
        if (b < 0)
        {
            cout << "Invalid opening balance, set to 0" << endl;
            balance = 0;
        }
        else
        {
            balance = b;
        }
        numberOfAccounts++;
    }

    void deposit(double amount)
    {
        balance += amount;
    }

    bool withdraw(double amount)
    {
        if (amount > balance)
        {
            return false;
        }
        balance -= amount;
        return true;
    }

    double getBalance() const { return balance; }
    string getOwner() const { return owner; }
    static int getNumberOfAccounts() { return numberOfAccounts; }

    void display() const
    {
        cout << left << setw(10) << owner << right << setw(10) << fixed << setprecision(2) << balance << endl;
    }
};

int BankAccount::numberOfAccounts = 0;

int main()
{
    BankAccount a;
    BankAccount b("Rowan", 150.5);
    BankAccount c("Sorrel", -20);

    b.deposit(49.5);
    if (!b.withdraw(500))
        cout << "Not enough money for " << b.getOwner() << endl;
    if (b.withdraw(100))
        cout << "Withdrawn. New balance: " << b.getBalance() << endl;

    a.display();
    b.display();
    c.display();
    cout << "Accounts: " << BankAccount::getNumberOfAccounts() << endl;
    return 0;
}
