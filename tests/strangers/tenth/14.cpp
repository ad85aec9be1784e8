#include <iostream>
#include <string>
#include <map>
#include <vector>
#include <sstream>
#include <algorithm>
#include <stdexcept>
using namespace std;

enum TokenType { NUMBER, OP, LPAREN, RPAREN, END };

struct Token {
    TokenType type;
    double value;
    char op;
};

class Lexer {
    string text;
    size_t pos;
public:
    explicit Lexer(const string& s) : text(s), pos(0) {}
    Token next() {
        while (pos < text.length() && isspace(text[pos])) pos++;
        if (pos >= text.length()) return {END, 0, 0};
        char c = text[pos];
        if (isdigit(c) || c == '.') {
            size_t start = pos;
            while (pos < text.length() && (isdigit(text[pos]) || text[pos] == '.')) pos++;
            return {NUMBER, stod(text.substr(start, pos - start)), 0};
        }
        pos++;
        if (c == '(') return {LPAREN, 0, c};
        if (c == ')') return {RPAREN, 0, c};
        if (string("+-*/").find(c) != string::npos) return {OP, 0, c};
        throw runtime_error(string("bad character '") + c + "'");
    }
};

class Parser {
    Lexer lexer;
    Token current;
    void advance() { current = lexer.next(); }
    double factor() {
        if (current.type == NUMBER) {
            double v = current.value;
            advance();
            return v;
        }
        if (current.type == OP && current.op == '-') {
            advance();
            return -factor();
        }
        if (current.type == LPAREN) {
            advance();
            double v = expression();
            if (current.type != RPAREN) throw runtime_error("missing )");
            advance();
            return v;
        }
        throw runtime_error("unexpected token");
    }
    double term() {
        double v = factor();
        while (current.type == OP && (current.op == '*' || current.op == '/')) {
            char op = current.op;
            advance();
            double r = factor();
            if (op == '*') v *= r;
            else {
                if (r == 0) throw domain_error("division by zero");
                v /= r;
            }
        }
        return v;
    }
    double expression() {
        double v = term();
        while (current.type == OP && (current.op == '+' || current.op == '-')) {
            char op = current.op;
            advance();
            double r = term();
            v = op == '+' ? v + r : v - r;
        }
        return v;
    }
public:
    Parser(const string& s) : lexer(s) { advance(); }
    double parse() {
        double v = expression();
        if (current.type != END) throw runtime_error("trailing input");
        return v;
    }
};

int main() {
    vector<string> inputs = {"1 + 2 * 3", "(1+2)*3", "-4 / (2 - 2)", "2 * (3", "7 & 2", "10 / 4 - -1.5"};
    for (const string& in : inputs) {
        try {
            Parser p(in);
            cout << in << " = " << p.parse() << endl;
        } catch (const domain_error& e) {
            cout << in << " -> math error: " << e.what() << endl;
        } catch (const exception& e) {
            cout << in << " -> " << e.what() << endl;
        }
    }
    map<string, vector<int>> index;
    stringstream ss("a b a c b a");
    string w;
    int i = 0;
    while (ss >> w) index[w].push_back(i++);
    for (auto& [k, v] : index) {
        cout << k << ":";
        for (int x : v) cout << ' ' << x;
        cout << '\n';
    }
    if (auto it = index.find("z"); it == index.end()) cout << "no z\n";
    index.erase("a");
    cout << index.size() << " " << index.begin()->first << endl;
}
