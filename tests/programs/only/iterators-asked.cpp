#include <iostream>
#include <vector>
#include <string>
#include <set>
using namespace std;
int main() {
  vector<int> v = {5, 3, 8, 1};
  for (auto it = v.begin(); it != v.end(); ++it) cout << *it << (it + 1 == v.end() ? "\n" : ",");
  for (vector<int>::iterator it = v.begin(); it != v.end(); it++) { if (it != v.begin()) cout << ", "; cout << *it; }
  cout << endl;
  for (auto it = v.begin(); it != v.end(); ++it) if (*it == 8) { cout << it - v.begin() << endl; break; }
  for (auto it = v.begin(); it != v.end(); ++it) *it *= 2;
  for (auto it = v.cbegin(); it != v.cend(); ++it) { cout << *it * 2 << ' '; if (next(it) != v.end()) cout << "- "; }
  cout << endl;
  for (auto it = v.begin(); it != v.end() - 1; ++it) cout << *it + *(it + 1) << ' ';
  for (auto it = v.rbegin(); it != v.rend(); ++it) cout << *it << ' ';
  set<string> s = {"b", "a"};
  for (auto it = s.begin(); it != s.end(); ++it) { if (it != s.begin()) cout << ", "; cout << *it; }
  string t = "xyz";
  for (auto it = t.begin(); it != t.end(); ++it) { cout << *it; if (it + 1 != t.end()) cout << '-'; }
}
