#include <iostream>
#include <string>
#include <cctype>
#include <vector>
using namespace std;
// recursive descent calculator, RPN, string handling
class Parser {
    string text; size_t pos = 0;
    char peek() { while (pos < text.size() && isspace(text[pos])) pos++; return pos < text.size() ? text[pos] : '\0'; }
    double number() { size_t start = pos; while (pos < text.size() && (isdigit(text[pos]) || text[pos] == '.')) pos++; if (start == pos) throw runtime_error("number expected at " + to_string(pos)); return stod(text.substr(start, pos - start)); }
    double factor() { char c = peek(); if (c == '(') { pos++; double v = expr(); if (peek() != ')') throw runtime_error("missing )"); pos++; return v; } if (c == '-') { pos++; return -factor(); } return number(); }
    double term() { double v = factor(); while (true) { char c = peek(); if (c == '*') { pos++; v *= factor(); } else if (c == '/') { pos++; double d = factor(); if (d == 0) throw runtime_error("division by zero"); v /= d; } else return v; } }
    double expr() { double v = term(); for (;;) { char c = peek(); if (c == '+') { pos++; v += term(); } else if (c == '-') { pos++; v -= term(); } else return v; } }
public:
    Parser(const string& t) : text(t) {}
    double parse() { double v = expr(); if (peek() != '\0') throw runtime_error(string("unexpected '") + peek() + "'"); return v; }
};
string caesar(string s, int k) { for (auto& c : s) { if (isupper(c)) c = 'A' + (c - 'A' + k + 26) % 26; else if (islower(c)) c = 'a' + (c - 'a' + k + 26) % 26; } return s; }
bool palindrome(const string& s) { int i = 0, j = s.size() - 1; while (i < j) { if (!isalnum(s[i])) i++; else if (!isalnum(s[j])) j--; else if (tolower(s[i++]) != tolower(s[j--])) return false; } return true; }
vector<string> words(const string& s) { vector<string> out; string w; for (char c : s) { if (c == ' ') { if (!w.empty()) out.push_back(w); w.clear(); } else w += c; } if (!w.empty()) out.push_back(w); return out; }
string repeat(const string& s, int n) { string r; while (n-- > 0) r += s; return r; }
int main() {
    for (string e : {"1 + 2 * 3", "(1 + 2) * 3", "10 / 4 - -1", "2 * (3 + 4) * 5", "7 / 0", "2 +", "3 $ 4"}) {
        try { cout << e << " = " << Parser(e).parse() << endl; }
        catch (const runtime_error& err) { cout << e << " -> " << err.what() << endl; }
    }
    cout << caesar("Hello, World!", 3) << " " << caesar(caesar("abcXYZ", 5), -5) << endl;
    cout << boolalpha << palindrome("A man, a plan, a canal: Panama") << palindrome("nope") << noboolalpha << endl;
    auto ws = words("  the quick  brown fox "); cout << ws.size() << ":"; for (auto it = ws.rbegin(); it != ws.rend(); ++it) cout << *it << "-";
    cout << repeat("ab", 3) << "|" << string(3, '*') << "|" << string("abc").find("c") << endl;
    int counts[26] = {0}; for (char c : string("hello")) counts[c - 'a']++; for (int i = 0; i < 26; i++) if (counts[i]) cout << char('a' + i) << counts[i]; cout << endl;
    char grid[3][4] = {"abc", "def", "ghi"}; for (int r = 0; r < 3; r++) cout << grid[r] << grid[r][1] << ' '; cout << endl;
    unsigned long long f = 1; for (int i = 2; i <= 20; i++) f *= i; cout << f << endl;
    int a = 10, b = 3; a ^= b; b ^= a; a ^= b; cout << a << b << (a << 2) << (b >> 1) << (a & b) << (a | b) << endl;
    double d = 3.7; int t = d; cout << t << static_cast<int>(-d) << (int)(d + 0.5) << 5 / 2 << 5 / 2.0 << 5 % -3 << endl;
    float fl = 0.1f + 0.2f; cout << fl << " " << 1e-5 << " " << 123456789.0 << " " << 0.1 + 0.2 << endl;
}
