#include <iostream>
#include <vector>
#include <map>
#include <set>
#include <string>
using namespace std;
void count(const string& text, map<char, int>& into) { map<char, int> fresh; for (char c : text) fresh[c]++; into = fresh; }
void shrink(pair<int, int>& p) { p = {p.second, p.first}; }
void sortedCopy(const vector<int>& from, vector<int>& to) { to = from; to.push_back(0); }
void doubleAll(vector<int>& v) { vector<int> w; for (int x : v) { w.push_back(x); w.push_back(x); } v = w; w.push_back(1); }
bool parse(string s, vector<string>& out) { out = vector<string>(); string word; for (char c : s) { if (c == ' ') { out.push_back(word); word = ""; } else word += c; } if (word != "") out.push_back(word); return out.size() > 1; }
struct Bed { vector<int> rows; void take(vector<int>& other) { rows = other; other = {}; } };
int main() {
    map<char, int> m; count("hedge", m); cout << m.size() << m['e'];
    
    pair<int, int> p = {1, 2}; shrink(p); cout << p.first;
    vector<int> a = {3, 4}, b; sortedCopy(a, b); cout << a.size() << b.size();
    doubleAll(a); cout << a.size() << endl;
    vector<string> words; if (parse("a bc d", words)) cout << words.size() << words[1];
    Bed bed; bed.take(a); cout << a.size() << bed.rows.size(); bed.rows[0] = 9; cout << a.size();
    vector<vector<int>> g(2); sortedCopy(b, g[1]); cout << g[1].size() << g[0].size() << endl;
    map<string, vector<int>> by; doubleAll(by["x"]); sortedCopy(b, by["y"]); cout << by.size() << by["y"].size() << endl;
    auto& row = g[0]; row = {7, 8}; cout << g[0].size();
    vector<int>& q = by["y"]; q = g[0]; q.push_back(1); cout << by["y"].size() << g[0].size() << endl;
}
