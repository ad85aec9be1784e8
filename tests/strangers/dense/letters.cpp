#include <iostream>
#include <string>
#include <vector>
#include <cctype>
using namespace std;
bool isVowel(char c) { c = tolower(c); return c == 'a' || c == 'e' || c == 'i' || c == 'o' || c == 'u'; }
string caesar(string t, int k) { for (char& c : t) { if (isupper(c)) c = (c - 'A' + k + 26) % 26 + 'A'; else if (islower(c)) c = (c - 'a' + k + 26) % 26 + 'a'; } return t; }
int toDecimal(string bin) { int r = 0; for (int i = 0; i < (int)bin.size(); i++) r = r * 2 + (bin[i] - '0'); return r; }
string toBinary(int n) { if (n == 0) return "0"; string r; while (n > 0) { r = char('0' + n % 2) + r; n /= 2; } return r; }
vector<string> split(const string& s, char d) { vector<string> out; string cur; for (char c : s) { if (c == d) { out.push_back(cur); cur = ""; } else cur += c; } out.push_back(cur); return out; }
int main() {
    string t = "Hello, Fernhollow!";
    int v = 0, up = 0, sp = 0;
    for (size_t i = 0; i < t.length(); ++i) { if (isVowel(t[i])) v++; if (isupper(t[i])) up++; if (ispunct(t[i])) sp++; }
    cout << v << up << sp << endl << caesar(t, 3) << endl << caesar(caesar(t, 3), -3) << endl;
    cout << toDecimal("101101") << " " << toBinary(45) << endl;
    for (const string& w : split("a;bb;;ccc", ';')) cout << "[" << w << "]"; cout << endl;
    string r(t.rbegin(), t.rend()); cout << r << endl;
    char c = 'x'; c -= 32; cout << c << (int)c << char(c + 1) << c + 1 << endl;
    string n = "42"; int k = stoi(n) + 1; cout << k << n + "1" << stod("2.5") * 2 << endl;
    cout << t.find("Fern") << " " << t.find('z') << " " << (t.find('z') == string::npos) << endl;
    t.replace(0, 5, "Howdy"); t.erase(t.size() - 1); t.insert(0, ">> "); cout << t << endl;
    cout << (string("abc") < "abd") << ("b" > string("a")) << t.empty() << endl;
    char word[20] = "moss"; cout << word << sizeof(word) << word[1] << endl;
    const char* p = "ivy"; cout << p << p[0] << endl;
    switch (t[3]) { case 'H': cout << "H!\n"; break; case 'h': cout << "h\n"; break; default: cout << "?\n"; }
    string pad = string(3, ' ') + "end"; cout << pad << '|' << "\t|" << "\"q\"" << '\'' << "\\" << endl;
    for (char ch = 'a'; ch <= 'e'; ch++) cout << ch; cout << endl;
    int counts[26] = {0}; for (char ch : string("banana")) counts[ch - 'a']++; for (int i = 0; i < 26; i++) if (counts[i] > 0) cout << (char)('a' + i) << counts[i]; cout << endl;
    string line = "x=10"; size_t eq = line.find('='); string key = line.substr(0, eq), val = line.substr(eq + 1); cout << key << "->" << stoi(val) * 2 << endl;
}
