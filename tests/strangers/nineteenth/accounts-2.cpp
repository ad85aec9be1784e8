#include <iostream>
#include <map>
#include <memory>
#include <string>
#include <vector>
#include <algorithm>
#include <iomanip>
#include <stdexcept>
using namespace std;

class Account {
protected:
    string owner;
    double balance;
    vector<double> log;
public:
    Account(const string& o, double b = 0) : owner(o), balance(b) {}
    virtual ~Account() {}
    virtual void withdraw(double x) {
        if (x > balance) throw runtime_error("Insufficient funds for " + owner);
        balance -= x;
        log.push_back(-x);
    }
    void deposit(double x) {
        if (x <= 0) throw invalid_argument("bad amount");
        balance += x;
        log.push_back(x);
    }
    virtual string kind() const { return "basic"; }
    double getBalance() const { return balance; }
    friend ostream& operator<<(ostream& os, const Account& a) {
        return os << a.kind() << "[" << a.owner << ": " << fixed << setprecision(2) << a.balance << "]";
    }
    bool operator<(const Account& o) const { return balance < o.balance; }
};

class Savings : public Account {
    double rate;
public:
    Savings(string o, double b, double r) : Account(o, b), rate(r) {}
    void withdraw(double x) override {
        if (log.size() >= 2) throw logic_error("too many");
        Account::withdraw(x);
    }
    string kind() const override { return "savings"; }
    void interest() { deposit(balance * rate); }
};

int main() {
    vector<unique_ptr<Account>> all;
    all.push_back(make_unique<Account>("Ada", 50));
    all.push_back(make_unique<Savings>("Bo", 200, 0.1));
    for (auto& a : all) {
        try {
            a->deposit(10.5);
            a->withdraw(100);
        } catch (const runtime_error& e) {
            cout << "Error: " << e.what() << endl;
        }
    }
    if (auto* s = dynamic_cast<Savings*>(all[1].get())) s->interest();
    for (const auto& a : all) cout << *a << '\n';
    try { all[1]->withdraw(1); } catch (const exception& e) { cout << e.what() << endl; }
    try { all[0]->deposit(-1); } catch (const invalid_argument& e) { cout << e.what() << endl; } catch (...) { cout << "?" << endl; }
    auto best = max_element(all.begin(), all.end(), [](const auto& x, const auto& y) { return *x < *y; });
    cout << (*best)->getBalance() << endl;
    map<string, vector<int>> marks;
    marks["x"].push_back(3); marks["x"].push_back(4); marks["a"];
    for (auto& [k, v] : marks) cout << k << v.size() << (v.empty() ? "-" : to_string(v.back())) << ' ';
    cout << endl;
    return 0;
}
