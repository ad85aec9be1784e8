#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
int total = 2;
void f0(const map<string, int>& a = {{"a", 1}, {"b", 2}}) {
    for (auto& [k_, v_] : a) cout << k_ << v_ << " "; cout << "\n";
}
double f1(map<string, int> a, string* b) {
    a["a"] += 5;
    if ((int)a.size() > 100) cout << 1;
    for (auto& [k_, v_] : a) cout << k_ << v_ << " "; cout << "\n";
    (*b)[0] = 'K';
    return (int)a.size() + (int)(*b).size();
}
map<string, int>& f2(int* a, string* b, map<string, int>& c) {
    (*a) %= 4;
    (*b).push_back('z');
    c["a"] += 5;
    for (auto& [k_, v_] : c) cout << k_ << v_ << " "; cout << "\n";
    return c;
}
auto f3(pair<int, string> a) {
    a.second += "d";
    total += 3;
    f0({{"a", 1}, {"b", 2}});
    return a.first;
}
int main() {
    string v0{"bean sprout"};
    string v1{"pea"};
    int v2 = 3;
    pair<int, string> v3 = {3, "c"};
    map<string, int> v4 = {{"a", 1}, {"b", 2}};
    map<string, int> v5 = {{"a", 1}, {"b", 2}};
    vector<Point> many = {{1, 2}, {3, 4}};
    map<string, vector<int>> lists; lists["k"] = {7, 8};
    f2(&many[0].y, &v0, v5).erase("b");
    for (auto& [k_, v_] : v4) cout << k_ << v_ << " "; cout << "\n";
    f2(&many[0].y, &v0, v4)["z"]++;
    for (int i_ : lists["k"]) cout << i_ << ","; cout << "\n";
    { auto z = f1(v5, &v0); cout << z << "\n"; }
    f0();
    cout << many[0].y << "\n";
    cout << v0 << "\n";
    cout << v1 << "\n";
    cout << v2 << "\n";
    cout << v3.first << v3.second << "\n";
    for (auto& [k_, v_] : v4) cout << k_ << v_ << " "; cout << "\n";
    for (auto& [k_, v_] : v5) cout << k_ << v_ << " "; cout << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    cout << many[0].y << "\n";
    for (int i_ : lists["k"]) cout << i_ << ","; cout << "\n";
    cout << total << endl;
    return 0;
}
