#include <iostream>
#include <stack>
#include <queue>
#include <deque>
#include <string>
#include <cctype>
using namespace std;

int precedence(char op) {
    if (op == '+' || op == '-') return 1;
    if (op == '*' || op == '/') return 2;
    return 0;
}

string toPostfix(const string& expr) {
    stack<char> ops;
    string out;
    for (char ch : expr) {
        if (isspace(ch)) continue;
        if (isdigit(ch)) {
            out += ch;
        } else if (ch == '(') {
            ops.push(ch);
        } else if (ch == ')') {
            while (!ops.empty() && ops.top() != '(') {
                out += ops.top();
                ops.pop();
            }
            ops.pop();
        } else {
            while (!ops.empty() && precedence(ops.top()) >= precedence(ch)) {
                out += ops.top();
                ops.pop();
            }
            ops.push(ch);
        }
    }
    while (!ops.empty()) {
        out += ops.top();
        ops.pop();
    }
    return out;
}

int evaluate(const string& postfix) {
    stack<int> st;
    for (char c : postfix) {
        if (isdigit(c)) {
            st.push(c - '0');
        } else {
            int b = st.top(); st.pop();
            int a = st.top(); st.pop();
            switch (c) {
                case '+': st.push(a + b); break;
                case '-': st.push(a - b); break;
                case '*': st.push(a * b); break;
                case '/':
                    if (b == 0) throw string("division by zero");
                    st.push(a / b);
                    break;
            }
        }
    }
    return st.top();
}

int main() {
    string tests[] = {"3 + 4 * 2", "(3 + 4) * 2", "8 / (4 - 4)", "9 - 2 - 1"};
    for (string t : tests) {
        string p = toPostfix(t);
        cout << t << " => " << p << " = ";
        try {
            cout << evaluate(p) << endl;
        } catch (string& msg) {
            cout << "error: " << msg << endl;
        }
    }
    queue<string> q;
    q.push("Ash"); q.push("Bryn"); q.push("Cleo");
    while (!q.empty()) {
        cout << q.front() << " (" << q.size() << ") ";
        q.pop();
    }
    cout << endl;
    priority_queue<int> pq;
    for (int x : {3, 9, 1}) pq.push(x);
    cout << pq.top() << endl;
    priority_queue<int, vector<int>, greater<int>> low;
    low.push(5); low.push(2);
    cout << low.top() << endl;
    deque<int> d = {1, 2};
    d.push_front(0);
    d.push_back(3);
    for (int x : d) cout << x;
    cout << d[1] << endl;
    try {
        throw 42;
    } catch (int code) {
        cout << "code " << code << endl;
    }
}
