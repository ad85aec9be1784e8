#include <iostream>
#include <string>
#include <vector>
#include <cstdlib>
using namespace std;

enum class Op { Add, Sub, Mul, Div };

struct Token {
    enum Kind { Number, Operator, Open, Close } kind;
    double value;
    char sign;
};

class Lexer {
    string text;
    size_t pos;
public:
    Lexer(const string& t) : text(t), pos(0) {}
    vector<Token> run() {
        vector<Token> out;
        while (pos < text.size()) {
            char c = text[pos];
            if (c == ' ') { pos++; continue; }
            if (isdigit(c) || c == '.') {
                string num;
                while (pos < text.size() && (isdigit(text[pos]) || text[pos] == '.')) num += text[pos++];
                out.push_back({Token::Number, atof(num.c_str()), 0});
                continue;
            }
            if (c == '(') out.push_back(Token{Token::Open, 0, c});
            else if (c == ')') out.push_back(Token{Token::Close, 0, c});
            else if (string("+-*/").find(c) != string::npos) out.push_back(Token{Token::Operator, 0, c});
            else throw string("strange sign ") + c;
            pos++;
        }
        return out;
    }
};

class Parser {
    vector<Token> tokens;
    int at = 0;

    bool has(char sign) {
        return at < (int)tokens.size() && tokens[at].kind != Token::Number && tokens[at].sign == sign;
    }
    double factor() {
        if (at >= (int)tokens.size()) throw string("unexpected end");
        if (has('-')) { at++; return -factor(); }
        if (has('(')) {
            at++;
            double v = expression();
            if (!has(')')) throw string("missing )");
            at++;
            return v;
        }
        if (tokens[at].kind != Token::Number) throw string("number wanted");
        return tokens[at++].value;
    }
    double term() {
        double v = factor();
        while (has('*') || has('/')) {
            char op = tokens[at++].sign;
            double r = factor();
            if (op == '*') v *= r;
            else {
                if (r == 0) throw string("division by zero");
                v /= r;
            }
        }
        return v;
    }
public:
    Parser(vector<Token> t) : tokens(t) {}
    double expression() {
        double v = term();
        while (has('+') || has('-')) {
            if (tokens[at++].sign == '+') v += term();
            else v -= term();
        }
        return v;
    }
};

int main() {
    string lines[] = {"1 + 2 * 3", "(1 + 2) * 3", "-4 / (2 - 2)", "2 * (3 + 4", "7 & 2", "1.5 * 4 - 1"};
    for (const string& line : lines) {
        try {
            Lexer lexer(line);
            Parser parser(lexer.run());
            cout << line << " = " << parser.expression() << endl;
        } catch (string& problem) {
            cout << line << " : " << problem << endl;
        }
    }
    Op op = Op::Mul;
    switch (op) {
        case Op::Add: cout << "add"; break;
        case Op::Mul: cout << "mul"; break;
        default: cout << "?";
    }
    cout << static_cast<int>(op) << endl;
}
