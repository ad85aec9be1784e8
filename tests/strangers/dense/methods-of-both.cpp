#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;
class Shed {
    vector<string> tools;
public:
    void add(const string& t) { tools.push_back(t); }
    int size() const { return tools.size(); }
    bool empty() const { return tools.empty(); }
    string at(int i) const { return tools[i]; }
    int count(const string& t) const { int n = 0; for (const auto& x : tools) if (x == t) n++; return n; }
    void clear() { tools.clear(); }
};
int main() {
    Shed s;
    s.add("rake"); s.add("hoe"); s.add("rake");
    vector<string> names = {"bean", "pea", "kale", "rose"};
    sort(names.begin(), names.end(), [](const string& a, const string& b) { return a.size() < b.size() || (a.size() == b.size() && a < b); });
    for (const string& n : names) cout << n << n.size() << " ";
    cout << s.size() << s.empty() << s.at(1) << s.count("rake") << endl;
    auto longest = *max_element(names.begin(), names.end(), [](const string& a, const string& b) { return a.size() < b.size(); });
    cout << longest << names.at(0) << names.empty() << endl;
    string w = "hoe";
    cout << w.at(1) << w.empty() << count(names.begin(), names.end(), "pea") << endl;
    auto f = [](const vector<string>& v) { return v.size() + v.at(0).size(); };
    cout << f(names) << endl;
    s.clear(); names.clear();
    cout << s.size() << names.size() << endl;
    return 0;
}
