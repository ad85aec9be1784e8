#include <iostream>
#include <stack>
#include <queue>
#include <string>
using namespace std;

class Account {
private:
    string owner;
    double balance;
public:
    Account(string o, double b = 0) {
        owner = o;
        balance = b;
    }
    void deposit(double amount) { balance += amount; }
    bool withdraw(double amount) {
        if (amount > balance) return false;
        balance -= amount;
        return true;
    }
    double getBalance() { return balance; }
    string getOwner() { return owner; }
};

bool balanced(const string& s) {
    stack<char> st;
    for (char c : s) {
        if (c == '(' || c == '[') st.push(c);
        else if (c == ')' || c == ']') {
            if (st.empty()) return false;
            char open = st.top();
            st.pop();
            if ((c == ')') != (open == '(')) return false;
        }
    }
    return st.empty();
}

int main() {
    Account a("north", 10), b("south");
    a.deposit(5.5);
    cout << a.getOwner() << " " << a.getBalance() << " " << b.withdraw(1) << endl;
    cout << boolalpha << balanced("(a[b])") << " " << balanced("(a[b)]") << endl;
    queue<int> q;
    for (int i = 1; i <= 5; i++) q.push(i);
    while (q.size() > 1) { q.pop(); q.push(q.front()); q.pop(); }
    cout << q.front() << endl;
    priority_queue<int> pq;
    for (int x : {4, 9, 1}) pq.push(x);
    cout << pq.top() << endl;
}
