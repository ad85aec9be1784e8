#include <iostream>
#include <vector>
#include <stack>
#include <queue>
#include <string>
#include <map>
#include <cmath>
using namespace std;

int prec(char op) {
    if (op == '+' || op == '-') return 1;
    if (op == '*' || op == '/') return 2;
    if (op == '^') return 3;
    return 0;
}

string toPostfix(const string& expr) {
    stack<char> ops;
    string out;
    for (char ch : expr) {
        if (isspace(ch)) continue;
        if (isalnum(ch)) out += ch;
        else if (ch == '(') ops.push(ch);
        else if (ch == ')') {
            while (!ops.empty() && ops.top() != '(') { out += ops.top(); ops.pop(); }
            if (!ops.empty()) ops.pop();
        } else {
            while (!ops.empty() && prec(ops.top()) >= prec(ch)) { out += ops.top(); ops.pop(); }
            ops.push(ch);
        }
    }
    while (!ops.empty()) { out += ops.top(); ops.pop(); }
    return out;
}

double evaluate(const string& postfix, const map<char, double>& vars) {
    stack<double> st;
    for (char ch : postfix) {
        if (isdigit(ch)) st.push(ch - '0');
        else if (isalpha(ch)) {
            auto it = vars.find(ch);
            if (it == vars.end()) throw string("unknown variable ") + ch;
            st.push(it->second);
        } else {
            double b = st.top(); st.pop();
            double a = st.top(); st.pop();
            switch (ch) {
                case '+': st.push(a + b); break;
                case '-': st.push(a - b); break;
                case '*': st.push(a * b); break;
                case '/':
                    if (b == 0) throw "division by zero";
                    st.push(a / b);
                    break;
                case '^': st.push(pow(a, b)); break;
            }
        }
    }
    return st.top();
}

bool balanced(const string& s) {
    stack<char> st;
    map<char, char> pairs = {{')', '('}, {']', '['}, {'}', '{'}};
    for (char c : s) {
        if (c == '(' || c == '[' || c == '{') st.push(c);
        else if (pairs.count(c)) {
            if (st.empty() || st.top() != pairs[c]) return false;
            st.pop();
        }
    }
    return st.empty();
}

int main() {
    map<char, double> vars = {{'x', 2}, {'y', 0.5}};
    for (string e : {"3+4*2", "(3+4)*2", "x^3-y", "8/(x-2)", "z+1"}) {
        string p = toPostfix(e);
        cout << e << " -> " << p << " = ";
        try {
            cout << evaluate(p, vars) << endl;
        } catch (const char* msg) {
            cout << "error: " << msg << endl;
        } catch (const string& msg) {
            cout << "error: " << msg << endl;
        }
    }
    cout << balanced("{[()]}()") << balanced("(]") << balanced("((") << endl;
    queue<string> line;
    for (auto n : {"Ivy", "Ash", "Elm"}) line.push(n);
    for (int i = 0; i < 4; i++) { string who = line.front(); line.pop(); cout << who << ' '; line.push(who); }
    cout << line.back() << endl;
    string bin;
    for (int n = 37; n > 0; n /= 2) bin = char('0' + n % 2) + bin;
    cout << bin << ' ' << stoi(bin, nullptr, 2) << endl;
}
