#include <iostream>
#include <set>
using namespace std;
set<int> make() { set<int> m = {3, 1}; m.insert(2); return m; }
int main() { auto crate = make(); crate.insert(7); cout << crate.size() << crate.count(3) << make().count(9); }
