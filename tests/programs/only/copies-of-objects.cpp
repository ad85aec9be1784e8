#include <iostream>
#include <vector>
#include <string>
#include <map>
using namespace std;
struct P { int x; int y; P operator+(P o) { return {x + o.x, y + o.y}; } bool operator==(const P& o) const { return x == o.x && y == o.y; } };
struct Line { P a, b; };
class Bag { vector<string> v; public: Bag& add(string s) { v.push_back(s); return *this; } vector<string> all() { return v; } vector<string>& ref() { return v; } int n() const { return v.size(); } };
P make(int x) { P p = {x, x}; return p; }
void fillAll(vector<P>& ps, P with) { for (auto& p : ps) p = with; with.x = 99; }
vector<P> doubled(vector<P> ps) { for (P& p : ps) p.x *= 2; return ps; }
int total(const map<string, vector<int>>& m) { int t = 0; for (auto& [k, v] : m) for (int x : v) t += x; return t; }
string longest(const vector<string>& v) { string best; for (auto& s : v) if (s.size() > best.size()) best = s; return best; }
int main() {
    P p = make(3), q = p;
    q.x = 7;
    Line l{p, q}, k = l;
    k.a.x = 100;
    l.b = p;
    l.b.y = -1;
    cout << p.x << q.x << l.a.x << k.a.x << l.b.y << p.y << k.b.x << endl;
    vector<P> ps(2, p);
    ps[0].x = 50;
    fillAll(ps, q);
    ps[1].y = 4;
    cout << ps[0].x << ps[1].x << ps[0].y << ps[1].y << q.x << q.y << endl;
    vector<P> d = doubled(ps);
    cout << ps[0].x << d[0].x << endl;
    P* big = &ps[0];
    for (auto& each : ps) if (each.y > big->y) big = &each;
    big->x = 1000;
    cout << ps[0].x << ps[1].x << (*big == ps[1]) << endl;
    P sum = p + q + P{1, 1};
    cout << sum.x << sum.y << endl;
    Bag bag;
    bag.add("a").add("b");
    bag.all().push_back("lost");
    bag.ref().push_back("kept");
    vector<string> c = bag.ref();
    c.clear();
    Bag other = bag;
    other.add("z");
    cout << bag.n() << other.n() << c.size() << endl;
    map<string, vector<int>> m;
    m["a"].push_back(1); m["a"].push_back(2); m["b"] = {5};
    vector<int> va = m["a"];
    va[0] = 100;
    auto& vr = m["b"];
    vr.push_back(6);
    m["c"] = m["b"];
    m["c"][0] = 1000;
    cout << total(m) << m["b"][0] << va[0] << endl;
    swap(p, q);
    cout << p.x << q.x << endl;
    P arr[3] = {{1, 2}, {3, 4}};
    P first = arr[0];
    first.x = 9;
    arr[2] = arr[1];
    arr[2].x++;
    cout << arr[0].x << arr[1].x << arr[2].x << arr[2].y << endl;
    pair<P, int> pr{p, 1};
    auto pr2 = pr;
    pr2.first.x = -5;
    pr2.second++;
    cout << pr.first.x << pr.second << pr2.first.x << pr2.second << endl;
    vector<vector<P>> grid(2, vector<P>(2, P{0, 0}));
    grid[0][1].x = 1;
    auto rowCopy = grid[0];
    rowCopy[0].x = 2;
    auto& rowRef = grid[1];
    rowRef[0].x = 3;
    cout << grid[0][0].x << grid[0][1].x << grid[1][0].x << rowCopy[0].x << endl;
    string s = "abc", t = s;
    t += "d"; s[0] = 'X';
    const string& r = s;
    s += "!";
    cout << s << t << r << longest({s, t, "z"}) << endl;
    int x = 1;
    int& y = x;
    int z = y;
    y = 5; z = 9;
    cout << x << y << z << endl;
    int* ip = &x;
    *ip = 6;
    cout << x << endl;
}
