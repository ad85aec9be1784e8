#include <iostream>
#include <vector>
#include <string>
#include <map>
#include <algorithm>
using namespace std;
struct Item { string name; int n = 0; vector<int> xs; };
Item made(string name, int n) { Item i; i.name = name; i.n = n; return i; }
Item doubled(Item i) { i.n *= 2; i.xs.push_back(1); return i; }
void grow(Item &i) { i.n++; i.xs.push_back(9); }
int total(const vector<Item> &all) { int t = 0; for (const auto &i : all) t += i.n; return t; }
void clearAll(vector<Item> all) { for (auto &i : all) i.n = 0; }
void zeroAll(vector<Item> &all) { for (auto &i : all) i.n = 0; }
int main() {
    Item a = made("pea", 3);
    Item b = a; b.name = "bean"; b.xs.push_back(4);
    cout << a.name << a.n << a.xs.size() << " " << b.name << b.xs.size() << endl;
    Item c = doubled(b); grow(b);
    cout << b.n << b.xs.size() << c.n << c.xs.size() << endl;
    vector<Item> all{a, b};
    all.push_back(c); c.n = 100; all[0].n = 50; a.n = 7;
    for (auto i : all) i.n = -1;
    cout << total(all) << " " << a.n << endl;
    clearAll(all); cout << total(all) << endl;
    vector<Item> copy = all; zeroAll(all); cout << total(all) << " " << total(copy) << endl;
    Item &r = copy[1]; r.n = 77; cout << copy[1].n << endl;
    Item *p = &copy[0]; p->n = 5; (*p).name = "leek"; cout << copy[0].n << copy[0].name << endl;
    map<string, Item> m; m["x"] = a; m["x"].n += 10; a.n = 0; cout << m["x"].n << m["y"].n << m.size() << endl;
    swap(copy[0], copy[1]); cout << copy[0].n << copy[1].n << endl;
    sort(copy.begin(), copy.end(), [](const Item &x, const Item &y) { return x.n < y.n; });
    cout << copy.front().n << copy.back().n << endl;
    vector<vector<int>> g(2, vector<int>(3, 1)); auto row = g[0]; row[0] = 9; auto &ref = g[1]; ref[1] = 8;
    cout << g[0][0] << g[1][1] << row[0] << endl;
    g[0] = g[1]; g[1][0] = 4; cout << g[0][0] << g[0][1] << endl;
    string s = "hedge"; for (char &ch : s) ch = toupper(ch); string t = s; t[0] = '_'; cout << s << t << endl;
    Item arr[2]; arr[0].n = 3; arr[1] = arr[0]; arr[1].n++; cout << arr[0].n << arr[1].n << endl;
    pair<string, int> q = {"k", 1}; auto q2 = q; q2.second = 5; cout << q.second << q2.second << endl;
    map<string, vector<int>> mv; mv["a"].push_back(1); mv["a"].push_back(2); auto va = mv["a"]; va.clear(); cout << mv["a"].size() << endl;
}
