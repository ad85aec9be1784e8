#include <iostream>
#include <string>
#include <vector>
#include <map>
using namespace std;
struct Point { int x, y; };
struct Line { Point a, b; };
struct Team { string name; vector<string> players; map<string, int> goals; };
class Box {
    vector<Point> ps;
public:
    void add(Point p) { ps.push_back(p); }
    Point get(int i) const { return ps[i]; }
    vector<Point> all() const { return ps; }
    vector<Point> &ref() { return ps; }
    Point &at(int i) { return ps[i]; }
    void shift(int dx) { for (auto &p : ps) p.x += dx; }
    void apply(void (*f)(Point &)) { for (auto &p : ps) f(p); }
};
void flip(Point &p) { int t = p.x; p.x = p.y; p.y = t; }
Point mid(const Line &l) { return {(l.a.x + l.b.x) / 2, (l.a.y + l.b.y) / 2}; }
Line moved(Line l, int by) { l.a.x += by; l.b.x += by; return l; }
int main() {
    Line l = {{0, 0}, {4, 6}};
    Line m = moved(l, 10);
    Point p = mid(l), q = m.a;
    q.x = 99; p.y++;
    cout << l.a.x << m.a.x << p.x << p.y << q.x << endl;
    Box b; b.add(p); p.x = 50; b.add(p); b.add({7, 8});
    Point r = b.get(0); r.x = -1;
    vector<Point> all = b.all(); all[1].x = 0;
    b.shift(100);
    cout << b.get(0).x << b.get(1).x << b.get(2).x << all[1].x << all.size() << endl;
    flip(all[2]); cout << all[2].x << all[2].y << endl;
    Team t; t.name = "Moss"; t.players = {"Ash", "Fir"}; t.goals["Ash"] += 2;
    Team u = t; u.players.push_back("Yew"); u.goals["Fir"]++; u.players[0] = "Oak";
    cout << t.players.size() << u.players.size() << t.goals.size() << u.goals.size() << t.players[0] << endl;
    vector<Team> league{t, u}; league[0].name += "!"; Team first = league.front(); first.name = "x"; Team &same = league.back(); same.name = "y";
    for (const Team &one : league) cout << one.name << one.players.size() << " "; cout << t.name << endl;
    map<string, vector<Point>> by; by["a"].push_back({1, 2}); by["a"].push_back(p); by["b"] = by["a"]; by["b"][0].x = 5;
    cout << by["a"][0].x << by["b"][0].x << by["a"].size() << endl;
    Point arr[3] = {{1, 1}, {2, 2}}; cout << arr[2].x << arr[0].x << endl;
    auto [px, py] = arr[1]; px = 9; cout << arr[1].x << px << py << endl;
    vector<vector<char>> g(2, vector<char>(2, '.')); auto h = g; h[0][0] = '#'; g[1] = h[0]; h[0][1] = '@';
    for (auto &row : g) { for (char c : row) cout << c; cout << "|"; } cout << endl;
    vector<int> v{3, 1, 2}; vector<int> &vr = v; vr.push_back(9); vector<int> part(v.begin() + 1, v.end()); part[0] = 7; cout << v.size() << v[1] << part.size() << endl;
    string s = "abc"; string &sr = s; sr += "d"; string c2 = sr; c2[0] = 'Z'; cout << s << c2 << endl;
}
