#include <cctype>
#include <cmath>
#include <iostream>
#include <map>
#include <sstream>
#include <stack>
#include <stdexcept>
#include <string>
#include <vector>
using namespace std;

struct Token {
    enum Type { Number, Operator, Paren } type;
    string text;
    double value;
};

class CalcError : public runtime_error {
    int position;
public:
    CalcError(const string &what, int pos) : runtime_error(what), position(pos) {}
    int pos() const noexcept { return position; }
};

vector<Token> tokenize(const string &s) {
    vector<Token> out;
    for (size_t i = 0; i < s.size();) {
        char c = s[i];
        if (isspace(static_cast<unsigned char>(c))) { ++i; continue; }
        if (isdigit(c) || c == '.') {
            size_t used = 0;
            double v = stod(s.substr(i), &used);
            out.push_back({Token::Number, s.substr(i, used), v});
            i += used;
        } else if (string("+-*/^").find(c) != string::npos) {
            out.push_back(Token{Token::Operator, string(1, c), 0});
            ++i;
        } else if (c == '(' || c == ')') {
            out.push_back({Token::Paren, string{c}, 0});
            i++;
        } else {
            throw CalcError(string("bad sign '") + c + "'", static_cast<int>(i));
        }
    }
    return out;
}

int precedence(char op) {
    static const map<char, int> table{{'+', 1}, {'-', 1}, {'*', 2}, {'/', 2}, {'^', 3}};
    auto it = table.find(op);
    return it == table.end() ? 0 : it->second;
}

double apply(char op, double a, double b) {
    switch (op) {
    case '+': return a + b;
    case '-': return a - b;
    case '*': return a * b;
    case '/':
        if (b == 0) throw domain_error("division by zero");
        return a / b;
    case '^': return pow(a, b);
    }
    throw logic_error("no such operator");
}

double evaluate(const string &line) {
    stack<double> values;
    stack<char> ops;
    auto reduce = [&]() {
        char op = ops.top(); ops.pop();
        if (values.size() < 2) throw CalcError("missing operand", 0);
        double b = values.top(); values.pop();
        double a = values.top(); values.pop();
        values.push(apply(op, a, b));
    };
    for (const Token &t : tokenize(line)) {
        if (t.type == Token::Number) values.push(t.value);
        else if (t.type == Token::Operator) {
            while (!ops.empty() && (precedence(ops.top()) > precedence(t.text[0]) || (precedence(ops.top()) == precedence(t.text[0]) && t.text[0] != '^')))
                reduce();
            ops.push(t.text[0]);
        } else if (t.text == "(") ops.push('(');
        else {
            while (!ops.empty() && ops.top() != '(') reduce();
            if (ops.empty()) throw CalcError("no opening bracket", 0);
            ops.pop();
        }
    }
    while (!ops.empty()) reduce();
    if (values.size() != 1) throw CalcError("nothing to do", -1);
    return values.top();
}

int main() {
    istringstream script("1 + 2 * 3\n(1 + 2) * 3\n2 ^ 3 ^ 2\n10 / 4 - 1\n\n7 / 0\n3 $ 4\n2 +\n1.5e1 * .5\n)");
    string line;
    int number = 0;
    while (getline(script, line)) {
        ++number;
        if (line.empty()) continue;
        cout << number << ": " << line << " = ";
        try {
            cout << evaluate(line) << "\n";
        } catch (const CalcError &e) {
            cout << "error: " << e.what();
            if (e.pos() > 0) cout << " at " << e.pos();
            cout << endl;
        } catch (const exception &e) {
            cout << "failed: " << e.what() << endl;
        }
    }
    return 0;
}
