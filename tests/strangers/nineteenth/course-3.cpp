#include <iostream>
#include <vector>
#include <string>
#include <map>
#include <set>
#include <stack>
#include <queue>
#include <algorithm>
#include <sstream>
#include <stdexcept>
using namespace std;

class Matrix {
    int rows, cols;
    vector<vector<double>> data;
public:
    Matrix(int r, int c, double fill = 0) : rows(r), cols(c), data(r, vector<double>(c, fill)) {}
    Matrix(initializer_list<initializer_list<double>> init) : rows(init.size()), cols(init.begin()->size()) {
        for (auto& row : init) data.push_back(vector<double>(row));
    }
    double& at(int r, int c) {
        if (r < 0 || r >= rows || c < 0 || c >= cols) throw out_of_range("index");
        return data[r][c];
    }
    Matrix operator*(const Matrix& o) const {
        Matrix m(rows, o.cols);
        for (int i = 0; i < rows; i++)
            for (int j = 0; j < o.cols; j++)
                for (int k = 0; k < cols; k++)
                    m.data[i][j] += data[i][k] * o.data[k][j];
        return m;
    }
    friend ostream& operator<<(ostream& os, const Matrix& m) {
        for (const auto& row : m.data) {
            for (size_t j = 0; j < row.size(); j++) os << row[j] << (j + 1 < row.size() ? " " : "");
            os << "\n";
        }
        return os;
    }
};

class Fraction {
    int n, d;
    static int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
    void reduce() { int g = gcd(abs(n), abs(d)); n /= g; d /= g; if (d < 0) { n = -n; d = -d; } }
public:
    Fraction(int n = 0, int d = 1) : n(n), d(d) { if (d == 0) throw invalid_argument("zero denominator"); reduce(); }
    Fraction operator+(const Fraction& o) const { return Fraction(n * o.d + o.n * d, d * o.d); }
    Fraction operator-(const Fraction& o) const { return Fraction(n * o.d - o.n * d, d * o.d); }
    Fraction operator*(const Fraction& o) const { return {n * o.n, d * o.d}; }
    Fraction operator/(const Fraction& o) const { return {n * o.d, d * o.n}; }
    bool operator==(const Fraction& o) const { return n == o.n && d == o.d; }
    bool operator!=(const Fraction& o) const { return !(*this == o); }
    bool operator<(const Fraction& o) const { return n * o.d < o.n * d; }
    Fraction& operator+=(const Fraction& o) { *this = *this + o; return *this; }
    Fraction operator-() const { return Fraction(-n, d); }
    Fraction& operator++() { n += d; return *this; }
    explicit operator double() const { return double(n) / d; }
    friend ostream& operator<<(ostream& os, const Fraction& f) { if (f.d == 1) return os << f.n; return os << f.n << "/" << f.d; }
};

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
double rpn(const string& expr) {
    stack<double> st;
    istringstream in(expr);
    string tok;
    while (in >> tok) {
        if (tok == "+" || tok == "-" || tok == "*" || tok == "/") {
            double b = st.top(); st.pop();
            double a = st.top(); st.pop();
            switch (tok[0]) {
                case '+': st.push(a + b); break;
                case '-': st.push(a - b); break;
                case '*': st.push(a * b); break;
                case '/': st.push(a / b); break;
            }
        } else st.push(stod(tok));
    }
    return st.top();
}
int main() {
    Matrix a(2, 2); a.at(0, 0) = 1; a.at(0, 1) = 2; a.at(1, 0) = 3; a.at(1, 1) = 4;
    cout << a * a;
    try { a.at(5, 5) = 1; } catch (const out_of_range& e) { cout << "caught " << e.what() << endl; }
    Fraction x(1, 2), y(3, -4);
    cout << x + y << " " << x - y << " " << x * y << " " << x / y << " " << -x << " " << (x < y) << (x == Fraction(2, 4)) << (x != y) << endl;
    x += Fraction(1, 2); cout << x << " " << ++x << " " << static_cast<double>(y) << endl;
    try { Fraction bad(1, 0); } catch (invalid_argument& e) { cout << e.what() << endl; }
    cout << balanced("{[()]}") << balanced("(]") << " " << rpn("3 4 + 2 *") << endl;
    queue<string> line; line.push("a"); line.push("b"); cout << line.front() << line.back() << line.size(); line.pop(); cout << line.front() << endl;
    set<string> words = {"pea", "leek", "pea"}; words.insert("ash"); for (const auto& w : words) cout << w << ' '; cout << words.size() << words.count("leek") << endl;
    map<string, vector<int>> marks; marks["rose"].push_back(3); marks["rose"].push_back(5); marks["fern"] = {9};
    for (auto& [name, list] : marks) { int s = 0; for (int m : list) s += m; cout << name << ":" << s / (double)list.size() << " "; } cout << endl;
    pair<int, string> p = make_pair(1, "one"); cout << p.first << p.second << endl;
    vector<pair<string, int>> v = {{"b", 2}, {"a", 2}, {"c", 1}}; sort(v.begin(), v.end(), [](auto& l, auto& r) { return l.second != r.second ? l.second > r.second : l.first < r.first; });
    for (auto& [k, n] : v) cout << k << n << ' '; cout << endl;
    vector<vector<char>> board(3, vector<char>(3, '.')); board[1][1] = 'X'; for (auto& r : board) { for (char c : r) cout << c; cout << '\n'; }
}
