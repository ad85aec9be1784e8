#include <iostream>
#include <vector>
#include <string>
#include <map>
#include <algorithm>
using namespace std;

struct Pot { string plant; int size; vector<int> history; };
struct Shelf { string name; vector<Pot> pots; Pot best; };

class Base {
public:
    string kind() const { return "base"; }
    virtual string who() const { return "base-v"; }
    string both() const { return kind() + "/" + who(); }
};
class Child : public Base {
public:
    string kind() const { return "child"; }
    string who() const override { return "child-v"; }
};

int counter() { static int n = 0; return ++n; }
int over(int x) { return x * 2; }
double over(double x) { return x * 3; }
string over(const string& s) { return s + s; }
int withDefault(int a, int b = 10, int c = 100) { return a + b + c; }
void grow(Pot& p, int by) { p.size += by; p.history.push_back(p.size); }
Pot grown(Pot p, int by) { grow(p, by); return p; }
vector<int>& historyOf(Pot& p) { return p.history; }
void reset(vector<Pot>& pots) { for (auto& p : pots) { p.size = 0; p.history.clear(); } }
pair<int, int> minMax(const vector<int>& v) { return {*min_element(v.begin(), v.end()), *max_element(v.begin(), v.end())}; }
void doubleAll(int a[]) { for (int i = 0; i < 3; i++) a[i] *= 2; }
int sumRows(int m[][2], int rows) { int s = 0; for (int i = 0; i < rows; i++) for (int j = 0; j < 2; j++) s += m[i][j]; return s; }

int main() {
    Pot a{"fern", 3, {1, 2}};
    Pot b = a;
    grow(b, 5);
    b.plant += "!";
    cout << a.plant << a.size << a.history.size() << " " << b.plant << b.size << b.history.size() << endl;
    Pot c = grown(a, 1);
    cout << a.size << c.size << c.history.back() << endl;
    Shelf s{"low", {a, b}, c};
    s.pots[0].size = 77;
    s.best.plant = "best";
    cout << a.size << s.pots[0].size << c.plant << s.best.plant << endl;
    Shelf t = s;
    t.pots.push_back(a);
    t.pots[1].history[0] = 99;
    cout << s.pots.size() << t.pots.size() << s.pots[1].history[0] << t.pots[1].history[0] << endl;
    Pot& ref = s.pots[1];
    ref.size = 1;
    Pot copy = s.pots[1];
    copy.size = 2;
    cout << s.pots[1].size << copy.size << endl;
    historyOf(a).push_back(42);
    vector<int> h = historyOf(a);
    h.push_back(1);
    cout << a.history.size() << h.size() << a.history.back() << endl;
    reset(s.pots);
    cout << s.pots[0].size << s.pots[1].history.size() << t.pots[0].size << endl;
    swap(a, b);
    cout << a.plant << b.plant << endl;
    map<string, Pot> byName;
    byName["x"] = a;
    byName["x"].size++;
    Pot& inMap = byName["x"];
    inMap.history.clear();
    cout << a.size << byName["x"].size << a.history.size() << byName["x"].history.size() << byName["new"].size << endl;
    for (auto [name, pot] : byName) pot.size = 1000;
    cout << byName["x"].size;
    for (auto& [name, pot] : byName) pot.size = 1000;
    cout << byName["x"].size << endl;
    Child child;
    Base& asBase = child;
    Base* ptr = &child;
    cout << child.kind() << " " << asBase.kind() << " " << ptr->kind() << endl;
    cout << child.who() << " " << asBase.who() << " " << ptr->who() << " " << child.both() << endl;
    counter(); counter();
    cout << counter() << over(2) << over(2.5) << over("ab") << over('a') << endl;
    cout << withDefault(1) << withDefault(1, 2) << withDefault(1, 2, 3) << endl;
    auto [lo, hi] = minMax({4, 9, 2});
    cout << lo << hi << endl;
    int arr[3] = {1, 2, 3};
    doubleAll(arr);
    int m[2][2] = {{1, 2}, {3, 4}};
    cout << arr[0] + arr[2] << sumRows(m, 2) << endl;
    vector<int> v = {5, 3, 8, 3, 1};
    int* big = &v[2];
    *big = 80;
    cout << v[2] << endl;
    for (auto it = v.begin(); it != v.end();) {
        if (*it == 3) it = v.erase(it);
        else ++it;
    }
    for (size_t i = 0; i < v.size(); i++) cout << v[i] << (i + 1 < v.size() ? "," : "\n");
    vector<vector<int>> g = {{1}, {2, 3}};
    vector<vector<int>> g2 = g;
    g2[0].push_back(9);
    g.push_back(g2[0]);
    g[2][0] = 5;
    cout << g[0].size() << g2[0][0] << g[2][0] << g2[0].size() << endl;
    string str = "hello";
    string& sr = str;
    sr[0] = 'J';
    string cut = str.substr(1);
    cut[0] = 'E';
    cout << str << cut << (str == "Jello") << endl;
    const vector<int> fixed = v;
    v.clear();
    cout << fixed.size() << v.empty() << endl;
    int x = 5;
    int y = x++;
    int z = ++x;
    x = y = z;
    cout << x << y << z << endl;
    {
        int x = 1;
        x += 10;
        cout << x;
    }
    cout << x << endl;
    for (int x = 0; x < 2; x++) cout << x;
    cout << x << endl;
    int q = 7;
    if (int q = x - 5; q > 1) cout << "q" << q;
    cout << q << endl;
}
