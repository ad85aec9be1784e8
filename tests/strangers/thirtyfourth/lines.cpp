#include <iostream>
#include <sstream>
#include <string>
#include <vector>
#include <cctype>
#include <algorithm>
#include <set>
using namespace std;

vector<string> split(const string& s, char sep) {
    vector<string> parts;
    stringstream ss(s);
    string part;
    while (getline(ss, part, sep)) parts.push_back(part);
    return parts;
}
string trim(const string& s) {
    size_t a = s.find_first_not_of(" \t");
    if (a == string::npos) return "";
    size_t b = s.find_last_not_of(" \t");
    return s.substr(a, b - a + 1);
}
string lower(string s) {
    for (char& c : s) c = tolower(c);
    return s;
}
bool palindrome(const string& s) {
    string t;
    for (char c : s) if (isalpha(c)) t += toupper(c);
    return equal(t.begin(), t.begin() + t.size() / 2, t.rbegin());
}
int main() {
    string line;
    int number = 0;
    set<string> seen;
    while (getline(cin, line)) {
        number++;
        if (trim(line).empty()) { cout << number << ": (blank)" << endl; continue; }
        vector<string> parts = split(line, ',');
        cout << number << ": " << parts.size() << " parts:";
        for (size_t i = 0; i < parts.size(); i++) {
            string p = lower(trim(parts[i]));
            cout << " <" << p << ">";
            if (!seen.insert(p).second) cout << "(again)";
        }
        if (palindrome(line)) cout << " palindrome!";
        cout << endl;
        if (line.find("stop") != string::npos) break;
    }
    string text = "the garden gate";
    reverse(text.begin(), text.end());
    cout << text << " " << text.length() << endl;
    text.replace(0, 4, "door");
    text.insert(4, "-");
    text.erase(text.size() - 1);
    cout << text << " " << text.at(2) << text.back() << " " << count(text.begin(), text.end(), 'e') << endl;
    int digits = 0, spaces = 0, others = 0;
    for (char c : string("a1 b22 c!")) {
        if (isdigit(c)) digits++;
        else if (isspace(c)) spaces++;
        else others++;
    }
    cout << digits << spaces << others << " " << stoi("42abc") + 1 << " " << stod("2.5") * 2 << " " << to_string(3.5) << endl;
    char word[] = "hello";
    word[0] = 'J';
    cout << word << " " << string(word).compare("Jello") << " " << ("abc" < string("abd")) << endl;
    istringstream in("10 20 x 30");
    int v, sum = 0;
    while (in >> v) sum += v;
    cout << sum << (in.eof() ? " eof" : " bad") << endl;
    ostringstream out;
    out << "n=" << 5 << '/' << 2.5;
    cout << out.str() << " " << out.str().size() << endl;
}
