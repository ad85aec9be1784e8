#include <iostream>
#include <vector>
#include <list>
#include <map>
using namespace std;
int main() {
  vector<int> v{1, 2, 3};
  for (auto it = v.begin(); it != v.end(); ++it) cout << *it << (it + 1 == v.end() ? "\n" : ", ");
  for (auto it = v.begin(); it != v.end(); ++it) { cout << *it; if (next(it) != v.end()) cout << ", "; }
  cout << endl;
  for (auto it = v.begin(); it != v.end(); it++) { if (it != v.begin()) cout << "-"; cout << *it; }
  cout << endl;
}
