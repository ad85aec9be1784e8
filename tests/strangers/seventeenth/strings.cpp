#include <iostream>
#include <string>
#include <sstream>
#include <vector>
#include <set>
#include <algorithm>
#include <cctype>

using namespace std;

vector<string> split(const string& text, char by) {
    vector<string> parts;
    string part;
    stringstream ss(text);
    while (getline(ss, part, by)) parts.push_back(part);
    return parts;
}

string join(const vector<string>& parts, const string& glue) {
    string out;
    for (size_t i = 0; i < parts.size(); ++i) {
        if (i) out += glue;
        out += parts[i];
    }
    return out;
}

string trim(const string& s) {
    size_t from = s.find_first_not_of(" \t");
    if (from == string::npos) return "";
    size_t to = s.find_last_not_of(" \t");
    return s.substr(from, to - from + 1);
}

string caesar(string s, int by) {
    for (char& c : s) {
        if (isupper(c)) c = 'A' + (c - 'A' + by + 26) % 26;
        else if (islower(c)) c = 'a' + (c - 'a' + by + 26) % 26;
    }
    return s;
}

bool anagram(string a, string b) {
    transform(a.begin(), a.end(), a.begin(), ::tolower);
    transform(b.begin(), b.end(), b.begin(), ::tolower);
    sort(a.begin(), a.end());
    sort(b.begin(), b.end());
    return a == b;
}

int main() {
    auto parts = split("bean,pea,,kale", ',');
    cout << parts.size() << ": " << join(parts, "|") << endl;
    cout << "[" << trim("  hello garden\t") << "][" << trim("   ") << "]" << endl;
    string secret = caesar("Meet me at the Shed!", 3);
    cout << secret << " / " << caesar(secret, -3) << endl;
    cout << boolalpha << anagram("Listen", "Silent") << ' ' << anagram("bed", "bee") << endl;
    string s = "the quick brown fox";
    s.replace(4, 5, "slow");
    s.insert(0, ">> ");
    s.erase(s.size() - 4);
    s += '!';
    cout << s << " " << s.find("brown") << " " << (s.find("cat") == string::npos) << endl;
    string rev(s.rbegin(), s.rend());
    cout << rev << endl;
    set<char> letters;
    for (char c : s) if (isalpha(static_cast<unsigned char>(c))) letters.insert(c);
    for (char c : letters) cout << c;
    cout << " " << letters.size() << " " << letters.count('q') << endl;
    int vowels = count_if(s.begin(), s.end(), [](char c) { return string("aeiou").find(c) != string::npos; });
    cout << vowels << " " << s.substr(3, 3) << " " << s.front() << s.back() << " " << s.compare("abc") << endl;
    stringstream numbers("3 4.5 seven 8");
    int i; double d; string w;
    numbers >> i >> d >> w;
    cout << i + d << w << " " << stod("2.5") * 2 << " " << to_string(42) + "!" << endl;
    string line;
    int count = 0;
    while (getline(cin, line)) {
        if (line.empty()) continue;
        istringstream words(line);
        string word;
        while (words >> word) count++;
    }
    cout << "words: " << count << endl;
}
