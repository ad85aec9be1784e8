#include <iostream>
#include <map>
#include <set>
#include <vector>
#include <string>
using namespace std;
struct S { string name; map<string, int> marks; set<int> ids; vector<int> v; };
struct W { S s; int k; };
int main() {
    vector<S> all;
    all.push_back({"a", {}, {}, {}});
    all.push_back({"b", {{"x", 1}}, {3, 1}, {5}});
    all[0].marks["q"] = 4; all[0].ids.insert(2); all[0].v.push_back(1);
    S one = {"c", {}, {}, {}};
    one.marks["z"] = 1; one.ids.insert(7);
    S two{"d", {{"k", 2}}, {9}, {1, 2}};
    vector<S> more = {{"e", {}, {}, {}}, {"f", {{"y", 2}}, {4}, {}}};
    more[0].marks["m"] = 3; more[0].ids.insert(1);
    W w = {{"g", {}, {}, {}}, 5};
    w.s.marks["n"] = 1;
    map<string, S> byName;
    byName["h"] = {"h", {}, {}, {}};
    byName["h"].marks["o"]++;
    byName["h"].ids.insert(5);
    for (auto& s : all) cout << s.name << s.marks.size() << s.ids.size() << s.v.size() << " ";
    cout << one.marks.size() << one.ids.count(7) << two.marks["k"] << two.ids.size() << more[0].marks["m"] << more[1].ids.count(4) << w.s.marks.size() << byName["h"].marks["o"] << byName["h"].ids.size() << endl;
    vector<int> a = {1, 2}, b = {3};
    a.swap(b);
    string s = "ab";
    s.append("cd").append(2, '!');
    s.append(3, 'x');
    s.insert(0, "<<");
    s.insert(1, 2, '-');
    cout << a.size() << b.size() << s << endl;
    string t = "end", u = "x";
    t.swap(u);
    cout << t << u << endl;
}
