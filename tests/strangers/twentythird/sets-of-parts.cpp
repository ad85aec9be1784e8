#include <iostream>
#include <set>
#include <unordered_set>
#include <vector>
#include <array>
#include <map>
#include <queue>
#include <deque>
#include <string>
#include <list>
using namespace std;
int main() {
  vector<int> v = {3, 3, 1, 0, 0};
  array<int, 5> a = {5, 3, 1};
  int b[4] = {1, 1, 2};
  set<int> s(v.begin(), v.end());
  unordered_set<int> u(a.begin(), a.end());
  set<int> w(b, b + 4);
  unordered_set<int> x(v.begin(), v.end());
  set<int> y(begin(b), end(b)); set<int> z(a.begin(), a.end());
  cout << s.size() << u.size() << w.size() << x.size() << y.size() << z.size() << endl;
  set<int> q{v.begin(), v.end()};
  set<int> q2(v.begin() + 1, v.end() - 1);
  cout << q.size() << q2.size() << *q2.begin() << endl;
  string str = "mississippi";
  set<char> letters(str.begin(), str.end());
  for (char c : letters) cout << c;
  string again(letters.begin(), letters.end());
  vector<int> back(s.begin(), s.end());
  vector<int> rev(v.rbegin(), v.rend());
  cout << again << back.size() << back[0] << rev[0] << rev[4] << endl;
  vector<pair<string, int>> ps = {{"a", 1}, {"b", 2}, {"a", 3}};
  map<string, int> m(ps.begin(), ps.end());
  cout << m.size() << m["a"] << endl;
  deque<int> dq(v.begin(), v.end());
  cout << dq.size() << endl;
  set<int> copy(s); copy.insert(99);
  set<int> copy2 = s; copy2.erase(3);
  cout << s.size() << copy.size() << copy2.size() << endl;
  set<string> names({"b", "a", "b"});
  cout << names.size() << *names.begin() << endl;
  multiset<int> ms(v.begin(), v.end());
  cout << ms.size() << ms.count(3) << endl;
  set<int> none; set<int> none2(none.begin(), none.end()); cout << none2.empty() << endl;
}
