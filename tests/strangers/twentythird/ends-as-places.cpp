#include <iostream>
#include <vector>
#include <stack>
#include <queue>
#include <deque>
#include <string>
using namespace std;
struct P { int x; };
int main() {
  vector<int> v = {1, 2, 3}; v.back() = 9; v.front()++; v.back() -= 2; --v.front();
  stack<int> s; s.push(1); s.push(2); s.top() += 5; s.top()++;
  queue<string> q; q.push("a"); q.push("b"); q.front() += "x"; q.back() = "z";
  deque<P> d; d.push_back({4}); d.push_back({6}); d.back().x *= 2; d.front().x = 1; d.back() = {7};
  vector<vector<int>> g = {{1}, {2}}; g.back().push_back(5); g.front()[0] = 8; g.back()[1]++;
  string t = "word"; t.back() = 'k'; t.front() = 'W';
  cout << v[0] << v[2] << s.top() << q.front() << q.back() << d.back().x << d.front().x << g[0][0] << g[1][1] << t << endl;
}
