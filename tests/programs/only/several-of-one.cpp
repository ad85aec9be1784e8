#include <iostream>
#include <set>
#include <string>
using namespace std;
int main() {
  multiset<int> ms = {3, 1, 3};
  cout << ms.size() << ms.count(3) << ms.count(9) << endl;
  ms.insert(2); ms.insert(3); ms.insert(0);
  for (int x : ms) cout << x << ' ';
  cout << *ms.begin() << *ms.rbegin() << endl;
  ms.erase(ms.find(3)); for (int x : ms) cout << x; cout << endl;
  ms.erase(3); ms.erase(ms.begin()); for (int x : ms) cout << x; cout << ms.empty() << endl;
  if (ms.find(7) == ms.end()) cout << "none" << endl;
  if (ms.find(2) != ms.end()) cout << "two" << endl;
  multiset<string> names; names.insert("b"); names.insert("a"); names.insert("b");
  for (auto it = names.begin(); it != names.end(); ++it) cout << *it << (next(it) == names.end() ? "\n" : ",");
  multiset<double> d; d.insert(2.5); d.insert(1.5); cout << *d.begin() << d.size(); d.clear(); cout << d.size() << endl;
}
