#include <iostream>
#include <vector>
using namespace std;
int main() {
  vector<int> v{1, 2, 3};
  for (auto it = v.rbegin(); it != v.rend(); ++it) cout << *it << (it + 1 == v.rend() ? "\n" : ", ");
  for (auto it = v.rbegin(); it != v.rend(); ++it) { cout << *it; if (next(it) != v.rend()) cout << ", "; }
  for (auto it = v.rbegin(); it != v.rend(); it++) { if (it != v.rbegin()) cout << "-"; cout << *it; }
}
