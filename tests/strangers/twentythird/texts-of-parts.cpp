#include <iostream>
#include <vector>
#include <string>
#include <set>
#include <map>
#include <deque>
using namespace std;
int main() {
  vector<char> v = {'a', 'b', 'c'};
  string s(v.begin(), v.end());
  string t = string(s.rbegin(), s.rend());
  string u(s.begin() + 1, s.end());
  string w(3, 'x');
  string x = string(2, s[0]);
  string y("hello", 2);
  string z(s, 1);
  int n = 4;
  string q(n, '-');
  string p = string(n + 1, '=') + string(1, 'c');
  set<char> l(t.begin(), t.end());
  deque<char> d(s.begin(), s.end());
  string k(l.begin(), l.end());
  string r(s);
  string e(v.rbegin(), v.rend());
  cout << s << t << u << w << x << y << z << q << p << k << r << e << string(d.begin(), d.end()) << string(v.begin(), v.begin() + 2) << endl;
  const char* c = "seeds"; string g(c); string h(c, 3); cout << g << h << endl;
}
