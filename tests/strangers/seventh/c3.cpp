#include <iostream>
#include <string>
#include <stdexcept>
using namespace std;
class Account {
private:
    string owner;
    double balance;
public:
    Account(string o, double b = 0) : owner(o), balance(b) {}
    void deposit(double amt) {
        if (amt <= 0) throw invalid_argument("bad amount");
        balance += amt;
    }
    bool withdraw(double amt) {
        if (amt > balance) return false;
        balance -= amt;
        return true;
    }
    double getBalance() const { return balance; }
    friend ostream& operator<<(ostream& os, const Account& a) { return os << a.owner << ": " << a.balance; }
};
class Savings : public Account {
    double rate;
public:
    Savings(string o, double b, double r) : Account(o, b), rate(r) {}
    void addInterest() { deposit(getBalance() * rate); }
};
int main() {
    Account a("Ash", 50);
    Savings s("Birch", 200, 0.05);
    a.deposit(25.5);
    s.addInterest();
    cout << a << endl << s << endl;
    cout << boolalpha << a.withdraw(1000) << " " << a.withdraw(75.5) << endl;
    try { a.deposit(-1); }
    catch (const invalid_argument& e) { cerr << "x"; cout << "Error: " << e.what() << endl; }
    return 0;
}
