#include <iostream>
#include <set>
#include <vector>
using namespace std;
int main() {
  vector<int> v = {3, 3, 1, 0, 0};
  set<int> s(v.begin(), v.end());
  set<int> copy(s); copy.insert(99);
  set<int> copy2 = s; copy2.erase(3);
  cout << s.size() << copy.size() << copy2.size() << endl;
  multiset<int> ms(v.begin(), v.end());
  cout << ms.size() << ms.count(3) << endl;
  set<int> none; set<int> none2(none.begin(), none.end()); cout << none2.empty() << endl;
  set<string> names({"b", "a", "b"});
  cout << names.size() << *names.begin() << endl;
}
