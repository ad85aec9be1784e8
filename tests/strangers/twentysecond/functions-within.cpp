#include <iostream>
#include <functional>
#include <vector>
#include <string>
#include <map>
using namespace std;
int sumTo(int n) { function<int(int)> go = [&](int k) -> int { if (k == 0) { return 0; } return k + go(k - 1); }; return go(n); }
void walk(const map<int, vector<int>>& g) { vector<bool> seen(10, false); string out; function<void(int)> dfs = [&](int u) { seen[u] = true; out += to_string(u) + " "; auto it = g.find(u); if (it == g.end()) return; for (int v : it->second) if (!seen[v]) dfs(v); }; dfs(0); cout << out << endl; }
int count(const vector<string>& ws, char c) { int total = 0; auto add = [&total, c](const string& w) { for (char x : w) if (x == c) total++; }; for (const auto& w : ws) add(w); return total; }
vector<function<int(int)>> makers() { vector<function<int(int)>> fs; for (int i = 1; i <= 3; i++) fs.push_back([i](int x) { return x * i; }); return fs; }
function<int()> counter() { int n = 0; return [n]() mutable { return ++n; }; }
int main() { cout << sumTo(4) << endl; walk({{0, {1, 2}}, {1, {3}}, {2, {3}}}); cout << count({"apple", "pear"}, 'p') << endl; for (auto& f : makers()) cout << f(10) << ' '; cout << endl;
 if (true) { auto twice = [](int x) { int y = x; y *= 2; return y; }; cout << twice(4) << endl; } }
