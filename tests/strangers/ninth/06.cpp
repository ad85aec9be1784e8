#include <iostream>
#include <string>
using namespace std;
string caesar(string s, int k) { for (char& c : s) { if (isupper(c)) c = (c - 'A' + k + 26) % 26 + 'A'; else if (islower(c)) c = (c - 'a' + k + 26) % 26 + 'a'; } return s; }
bool palindrome(const string& s) { int i = 0, j = s.size() - 1; while (i < j) if (s[i++] != s[j--]) return false; return true; }
int main() {
    string e = caesar("Hello, World!", 3); cout << e << " " << caesar(e, -3) << endl;
    cout << boolalpha << palindrome("level") << " " << palindrome("garden") << noboolalpha << " " << true << endl;
    string s = "abc"; s += 'd'; s += "ef"; s[0] = 'Z'; s.insert(1, "--"); cout << s << " " << s.size() << " " << s.empty() << " " << (s == "x") << " " << s.at(2) << endl;
    int digits = 0, vowels = 0; for (char c : string("a1b2e3")) { if (isdigit(c)) digits++; if (string("aeiou").find(c) != string::npos) vowels++; } cout << digits << vowels << endl;
    char c = 'a'; c++; cout << c << (int)c << char(c + 1) << 'a' + 1 << (c < 'z') << endl;
    string num = to_string(42) + "!"; cout << num << stoi("17") + 3 << stod("2.5") * 2 << endl;
    for (int i = s.length() - 1; i >= 0; i--) cout << s[i]; cout << endl;
}
