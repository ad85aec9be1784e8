#include <iostream>
#include <string>
#include <sstream>
#include <vector>
#include <iomanip>
#include <cctype>
#include <algorithm>
using namespace std;

vector<string> split(const string& s, char sep) {
    vector<string> parts;
    string part;
    for (char c : s) {
        if (c == sep) { parts.push_back(part); part.clear(); }
        else part += c;
    }
    parts.push_back(part);
    return parts;
}
string join(const vector<string>& parts, const string& sep) {
    ostringstream out;
    for (size_t i = 0; i < parts.size(); ++i) { if (i) out << sep; out << parts[i]; }
    return out.str();
}
string trim(const string& s) {
    size_t a = s.find_first_not_of(" \t"), b = s.find_last_not_of(" \t");
    return a == string::npos ? "" : s.substr(a, b - a + 1);
}
bool isPalindrome(const string& s) {
    string t;
    for (char c : s) if (isalnum(c)) t += tolower(c);
    string r(t.rbegin(), t.rend());
    return t == r;
}
string caesar(string s, int k) {
    for (char& c : s) {
        if (isupper(c)) c = 'A' + (c - 'A' + k + 26) % 26;
        else if (islower(c)) c = 'a' + (c - 'a' + k + 26) % 26;
    }
    return s;
}
int main() {
    auto p = split("pea,bean,,leek", ',');
    cout << p.size() << " " << join(p, "|") << endl;
    cout << "[" << trim("  hi there ") << "][" << trim("   ") << "]" << endl;
    cout << isPalindrome("Never odd or even") << isPalindrome("garden") << endl;
    string secret = caesar("Meet at Pond, 9!", 3);
    cout << secret << " " << caesar(secret, -3) << endl;
    string s = "hello world";
    s[0] = toupper(s[0]);
    transform(s.begin() + 1, s.end(), s.begin() + 1, ::toupper);
    cout << s << " " << count(s.begin(), s.end(), 'L') << " " << s.rfind('O') << " " << s.find("XYZ") % 2 << endl;
    int counts[26] = {0};
    for (char c : string("banana")) counts[c - 'a']++;
    for (int i = 0; i < 26; i++) if (counts[i] > 0) cout << char('a' + i) << counts[i] << " ";
    cout << endl;
    cout << setfill('0') << setw(5) << 42 << setfill(' ') << setw(6) << 3.14159 << left << setw(6) << "ab" << "|" << right << setw(4) << 7 << "|" << endl;
    cout << fixed << setprecision(1) << 2.25 << " " << 2.35 << " " << 1e6 << defaultfloat << " " << 2.50 << " " << setprecision(3) << 3.14159 << endl;
    cout << hex << 255 << " " << uppercase << 255 << dec << " " << oct << 8 << dec << " " << showpos << 5 << noshowpos << endl;
    cout << stoi("12abc") << " " << stod("2.5e2") << " " << to_string(7) + "!" << " " << to_string(2.5) << endl;
    try { stoi("abc"); } catch (const invalid_argument&) { cout << "bad number" << endl; }
    try { cout << s.at(99); } catch (const out_of_range&) { cout << "bad place" << endl; }
    string line = "name=Ash;age=12";
    stringstream ss(line);
    string item;
    while (getline(ss, item, ';')) {
        size_t eq = item.find('=');
        cout << item.substr(0, eq) << " -> " << item.substr(eq + 1) << endl;
    }
    istringstream nums("3 1 4 x 5");
    int n, total = 0;
    while (nums >> n) total += n;
    cout << total << nums.fail() << endl;
    s.push_back('!'); s.pop_back(); s += "?"; s.append(2, '.'); s.erase(0, 6);
    cout << s << s.empty() << s.compare("A") << endl;
    string a = "apple", b = "Apple";
    cout << (a == b) << (a > b) << (a + b).length() << string(3, 'z') + a.substr(3) << endl;
    const char* c = "C text";
    string fromC = c;
    cout << fromC.size() << fromC.c_str() << endl;
    cout << "tab\tquote\"back\\" << 'c' << "\x41" << R"(raw\n)" << endl;
}
