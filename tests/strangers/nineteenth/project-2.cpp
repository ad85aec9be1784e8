#include <iostream>
#include <vector>
#include <string>
using namespace std;

// A bank in one file, course style
class BankAccount
{
private:
    int accountNumber;
    string holder;
    double balance;
    vector<string> transactions;
    static int nextNumber;
    static const double FEE;

public:
    BankAccount() : BankAccount("nobody", 0) {}
    BankAccount(string holder, double balance)
    {
        this->holder = holder;
        this->balance = balance;
        accountNumber = nextNumber++;
        transactions.push_back("open");
    }
    BankAccount(const BankAccount &other) = default;
    ~BankAccount() {}

    bool withdraw(double amount)
    {
        if (amount + FEE > balance)
        {
            cout << "Insufficient funds for " << holder << endl;
            return false;
        }
        balance -= amount + FEE;
        transactions.push_back("withdraw " + to_string((int)amount));
        return true;
    }
    void deposit(double amount)
    {
        if (amount <= 0)
            throw string("Invalid amount");
        balance += amount;
        transactions.push_back("deposit");
    }
    void transfer(BankAccount &to, double amount)
    {
        if (withdraw(amount))
            to.deposit(amount);
    }
    double getBalance() const { return balance; }
    int getNumber() const { return accountNumber; }
    void print() const
    {
        cout << "#" << accountNumber << " " << holder << ": $" << balance << " [";
        for (size_t i = 0; i < transactions.size(); ++i)
        {
            if (i) cout << ", ";
            cout << transactions[i];
        }
        cout << "]" << endl;
    }
    bool operator>(const BankAccount &other) const { return balance > other.balance; }
    friend void audit(const BankAccount &a);
};
int BankAccount::nextNumber = 1001;
const double BankAccount::FEE = 0.5;

void audit(const BankAccount &a) { cout << "audit " << a.holder << " " << a.transactions.size() << endl; }

template <class T, int N>
class RingBuffer
{
    T data[N];
    int head = 0, count = 0;

public:
    void add(T item)
    {
        data[(head + count) % N] = item;
        if (count < N) count++;
        else head = (head + 1) % N;
    }
    T at(int i) const { return data[(head + i) % N]; }
    int size() const { return count; }
};

int main()
{
    BankAccount a("Fern", 100), b("Moss", 20.75), c;
    a.transfer(b, 30);
    b.withdraw(500);
    try { c.deposit(-5); }
    catch (string &msg) { cout << "Error: " << msg << endl; }
    try { throw 42; } catch (int code) { cout << "code " << code << endl; } catch (...) { cout << "?" << endl; }
    a.print(); b.print(); c.print();
    cout << (a > b ? "Fern" : "Moss") << " has more" << endl;
    audit(a);
    BankAccount *p = &b;
    p->deposit(1);
    cout << p->getBalance() << " " << (*p).getNumber() << endl;
    vector<BankAccount> all = {a, b, c};
    double total = 0;
    for (vector<BankAccount>::const_iterator it = all.begin(); it != all.end(); ++it) total += it->getBalance();
    cout << "Total: " << total << endl;
    RingBuffer<int, 3> ring;
    for (int i = 1; i <= 5; i++) ring.add(i * i);
    for (int i = 0; i < ring.size(); i++) cout << ring.at(i) << " ";
    cout << endl;
}
