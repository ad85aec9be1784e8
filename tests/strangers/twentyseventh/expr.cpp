#include <iostream>
#include <string>
#include <stack>
#include <queue>
#include <map>
#include <cmath>
#include <stdexcept>
using namespace std;

int prec(char op) {
    switch (op) {
        case '+': case '-': return 1;
        case '*': case '/': case '%': return 2;
        case '^': return 3;
    }
    return 0;
}
double apply(double a, double b, char op) {
    switch (op) {
        case '+': return a + b;
        case '-': return a - b;
        case '*': return a * b;
        case '/': if (b == 0) throw runtime_error("division by zero"); return a / b;
        case '%': return fmod(a, b);
        case '^': return pow(a, b);
        default: throw invalid_argument(string("operator ") + op);
    }
}
queue<string> toRpn(const string &s, const map<string, double> &vars) {
    queue<string> out;
    stack<char> ops;
    bool wantValue = true;
    for (size_t i = 0; i < s.length(); ) {
        char c = s[i];
        if (isspace(c)) { ++i; continue; }
        if (isdigit(c) || c == '.') {
            string n;
            while (i < s.length() && (isdigit(s[i]) || s[i] == '.')) n += s[i++];
            out.push(n);
            wantValue = false;
        } else if (isalpha(c)) {
            string n;
            while (i < s.length() && isalnum(s[i])) n += s[i++];
            auto it = vars.find(n);
            if (it == vars.end()) throw out_of_range("unknown " + n);
            out.push(to_string(it->second));
            wantValue = false;
        } else if (c == '(') {
            ops.push(c); ++i; wantValue = true;
        } else if (c == ')') {
            while (!ops.empty() && ops.top() != '(') { out.push(string(1, ops.top())); ops.pop(); }
            if (ops.empty()) throw invalid_argument("unmatched )");
            ops.pop(); ++i;
        } else {
            if (c == '-' && wantValue) out.push("0");
            while (!ops.empty() && (prec(ops.top()) > prec(c) || (prec(ops.top()) == prec(c) && c != '^'))) {
                out.push(string(1, ops.top()));
                ops.pop();
            }
            ops.push(c); ++i; wantValue = true;
        }
    }
    while (!ops.empty()) {
        if (ops.top() == '(') throw invalid_argument("unmatched (");
        out.push(string() + ops.top());
        ops.pop();
    }
    return out;
}
double eval(queue<string> q) {
    stack<double> st;
    while (!q.empty()) {
        string t = q.front(); q.pop();
        if (isdigit(t[0]) || t[0] == '.') st.push(stod(t));
        else {
            if (st.size() < 2) throw invalid_argument("missing value");
            double b = st.top(); st.pop();
            double a = st.top(); st.pop();
            st.push(apply(a, b, t[0]));
        }
    }
    return st.top();
}
int main() {
    map<string, double> vars{{"x", 3}, {"pi", 3.14159}};
    string line;
    int n = 0;
    while (getline(cin, line) && line != "end") {
        ++n;
        try {
            auto rpn = toRpn(line, vars);
            auto copy = rpn;
            string shown;
            for (; !copy.empty(); copy.pop()) shown += copy.front() + " ";
            cout << n << ": " << shown << "= " << eval(rpn) << endl;
        } catch (const invalid_argument &e) {
            cout << n << ": syntax: " << e.what() << endl;
        } catch (const exception &e) {
            cout << n << ": " << e.what() << endl;
        }
    }
    cout << n << " lines" << endl;
    return 0;
}
