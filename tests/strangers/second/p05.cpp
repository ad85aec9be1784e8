#include <iostream>
#include <string>
#include <map>
#include <vector>
#include <algorithm>
#include <cctype>
using namespace std;
string lower(string s) {
    for (auto &c : s) c = tolower(c);
    return s;
}
vector<string> splitWords(const string &text) {
    vector<string> words;
    string current;
    for (char c : text) {
        if (isalpha(c)) current += c;
        else if (!current.empty()) { words.push_back(lower(current)); current.clear(); }
    }
    if (!current.empty()) words.push_back(lower(current));
    return words;
}
bool isPalindrome(const string &s) {
    int i = 0, j = s.length() - 1;
    while (i < j) if (s[i++] != s[j--]) return false;
    return true;
}
string reversed(const string &s) { return string(s.rbegin(), s.rend()); }
int main() {
    string text = "The bee saw the level bed, the bee left.";
    map<string, int> freq;
    for (const string &w : splitWords(text)) ++freq[w];
    vector<pair<string, int>> sorted(freq.begin(), freq.end());
    sort(sorted.begin(), sorted.end(), [](const pair<string, int> &a, const pair<string, int> &b) {
        if (a.second != b.second) return a.second > b.second;
        return a.first < b.first;
    });
    for (int i = 0; i < 3; i++) cout << sorted[i].first << ": " << sorted[i].second << endl;
    for (auto &w : splitWords(text)) if (isPalindrome(w) && w.size() > 2) cout << w << " ";
    cout << endl << reversed("garden") << " " << text.find("level") << endl;
    string csv = "a;b;;c";
    size_t pos = 0, next;
    while ((next = csv.find(';', pos)) != string::npos) {
        cout << "[" << csv.substr(pos, next - pos) << "]";
        pos = next + 1;
    }
    cout << "[" << csv.substr(pos) << "]" << endl;
    cout << (string("abc") < "abd") << stoi("42") + 1 << to_string(7) + "!" << 'a' + 1 << char('a' + 1) << endl;
}
