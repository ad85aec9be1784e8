#include <iostream>
#include <set>
#include <stack>
using namespace std;
template <typename T> struct Box { T item; T get() const { return item; } };
int main() { Box<set<int>> b; b.item.insert(3); auto got = b.get(); got.insert(4); cout << got.count(3) << (got.find(7) == got.end()) << *got.begin() << got.size(); for (int e : got) cout << e; }
