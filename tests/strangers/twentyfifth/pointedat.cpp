#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
using namespace std;
struct S { string name; int id; vector<int> marks; };
struct R {
  vector<S> all;
  S* c(int id) { auto it = find_if(all.begin(), all.end(), [id](const S& s) { return s.id == id; }); return it == all.end() ? nullptr : &*it; }
  S* d(int id) { auto it = find_if(all.begin(), all.end(), [id](const S& s) { return s.id == id; }); if (it != all.end()) return &(*it); return nullptr; }
};
int main() {
  R r; r.all.push_back({"x", 1, {}}); r.all.push_back({"y", 2, {}});
  if (S* s = r.c(2)) { s->marks.push_back(5); s->name = "z"; }
  if (S* s = r.d(1)) s->marks.push_back(7);
  cout << r.all[1].name << r.all[1].marks.size() << r.all[0].marks[0] << (r.c(9) == nullptr) << endl;
}
