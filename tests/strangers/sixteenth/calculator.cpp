#include <iostream>
#include <stack>
#include <string>
#include <cctype>
#include <map>
#include <cmath>
using namespace std;

int precedence(char op) {
    if (op == '+' || op == '-') return 1;
    if (op == '*' || op == '/') return 2;
    if (op == '^') return 3;
    return 0;
}

double apply(double a, double b, char op) {
    switch (op) {
        case '+': return a + b;
        case '-': return a - b;
        case '*': return a * b;
        case '/':
            if (b == 0) throw string("division by zero");
            return a / b;
        case '^': return pow(a, b);
    }
    return 0;
}

double evaluate(const string& text) {
    stack<double> values;
    stack<char> ops;
    auto reduce = [&]() {
        double b = values.top(); values.pop();
        double a = values.top(); values.pop();
        values.push(apply(a, b, ops.top()));
        ops.pop();
    };
    for (size_t i = 0; i < text.size(); i++) {
        char c = text[i];
        if (isspace(c)) continue;
        if (isdigit(c)) {
            double number = 0;
            while (i < text.size() && isdigit(text[i])) number = number * 10 + (text[i++] - '0');
            if (i < text.size() && text[i] == '.') {
                double place = 0.1;
                for (++i; i < text.size() && isdigit(text[i]); ++i, place /= 10) number += (text[i] - '0') * place;
            }
            i--;
            values.push(number);
        } else if (c == '(') {
            ops.push(c);
        } else if (c == ')') {
            while (!ops.empty() && ops.top() != '(') reduce();
            if (ops.empty()) throw string("no opening bracket");
            ops.pop();
        } else if (precedence(c)) {
            while (!ops.empty() && (precedence(ops.top()) > precedence(c) || (precedence(ops.top()) == precedence(c) && c != '^'))) reduce();
            ops.push(c);
        } else {
            throw string("unexpected ") + c;
        }
    }
    while (!ops.empty()) reduce();
    return values.top();
}

int main() {
    string line;
    while (getline(cin, line)) {
        if (line.empty()) continue;
        try {
            cout << line << " = " << evaluate(line) << endl;
        } catch (const string& problem) {
            cout << line << " -> " << problem << endl;
        }
    }
}
