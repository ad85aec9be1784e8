#include <iostream>
#include <vector>
#include <string>
#include <map>
#include <set>
#include <algorithm>
using namespace std;
struct Contact { string name, phone; bool operator<(const Contact& o) const { return name < o.name; } };
class Book {
    vector<Contact> list;
public:
    bool add(const string& n, const string& p) { for (const auto& c : list) if (c.name == n) return false; list.push_back({n, p}); return true; }
    bool remove(const string& n) { for (size_t i = 0; i < list.size(); i++) if (list[i].name == n) { list.erase(list.begin() + i); return true; } return false; }
    const Contact* find(const string& n) const { for (const auto& c : list) if (c.name == n) return &c; return nullptr; }
    void sortAll() { sort(list.begin(), list.end()); }
    void print() const { if (list.empty()) { cout << "(empty)" << endl; return; } int i = 0; for (const Contact& c : list) cout << ++i << ". " << c.name << ": " << c.phone << endl; }
    int count() const { return (int)list.size(); }
};
int main() {
    Book b; b.print();
    cout << b.add("Moss", "12") << b.add("Fay", "34") << b.add("Moss", "56") << endl; b.sortAll(); b.print();
    if (const Contact* c = b.find("Fay")) cout << c->phone << endl; cout << (b.find("X") == nullptr) << b.remove("Moss") << b.remove("Moss") << b.count() << endl;
    map<string, int> stock{{"pea", 3}, {"fig", 1}}; stock["leek"] += 5; stock["pea"]--; if (stock.count("kale") == 0) cout << "no kale" << endl;
    for (const auto& [k, v] : stock) cout << k << "=" << v << " "; cout << stock.size() << endl;
    for (auto it = stock.begin(); it != stock.end(); ++it) if (it->second > 2) cout << it->first << " "; cout << endl;
    auto f = stock.find("fig"); if (f != stock.end()) { f->second = 10; cout << f->first << f->second << endl; stock.erase(f); } cout << stock.size() << endl;
    set<string> s; string words[] = {"b", "a", "b"}; for (const string& w : words) s.insert(w); for (auto& w : s) cout << w; cout << s.size() << (s.find("z") == s.end()) << endl;
    vector<string> v = {"pear", "fig", "apple"}; sort(v.begin(), v.end(), [](const string& x, const string& y) { return x.length() < y.length(); }); for (auto& w : v) cout << w << ' '; cout << endl;
    vector<int> n = {4, 8, 15, 16, 23, 42}; int total = 0; for (int x : n) total += x; cout << total << " " << total / n.size() << " " << double(total) / n.size() << endl;
    cout << *find(n.begin(), n.end(), 15) << (find(n.begin(), n.end(), 99) == n.end()) << binary_search(n.begin(), n.end(), 16) << endl;
    int evens = 0; for (auto it = n.begin(); it != n.end(); it++) if (*it % 2 == 0) evens++; cout << evens << endl; n.pop_back(); n.clear(); cout << n.empty() << n.size() << endl;
    string line = "the cat the dog"; map<string, int> freq; string cur; for (char c : line + " ") { if (c == ' ') { if (!cur.empty()) freq[cur]++; cur.clear(); } else cur += c; } for (auto& p : freq) cout << p.first << p.second << " "; cout << endl;
    int m[2][3] = {{1, 2, 3}, {4, 5, 6}}; int cols[3] = {0}; for (auto& row : m) for (int j = 0; j < 3; j++) cols[j] += row[j]; for (int c : cols) cout << c << " "; cout << endl;
    pair<int, string> p = make_pair(1, "one"); auto [num, txt] = p; cout << num << txt << p.second.size() << endl; char op = '+'; int x = 3, y = 4; int r = op == '+' ? x + y : op == '-' ? x - y : 0; cout << r << endl;
}
