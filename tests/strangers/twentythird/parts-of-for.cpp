#include <iostream>
#include <vector>
#include <string>
#include <map>
using namespace std;
struct N { int v; N* next; };
int main() {
  int i, j;
  for (i = 0, j = 5; i < j; i++, j--) cout << i << j << endl;
  N c{3, nullptr}, b{2, &c}, a{1, &b};
  for (N* p = &a; p; p = p->next) cout << p->v;
  N* q;
  for (q = &a; q != nullptr; q = q->next) cout << q->v;
  vector<int> v = {3, 1, 2};
  for (; !v.empty(); v.pop_back()) cout << v.back();
  int x, y;
  x = 1, y = 2;
  if (x < y) swap(x, y), cout << "swapped ";
  cout << x << y << endl;
  for (a.v = 0; a.v < 3; a.v++) cout << a.v;
  for (int k = 0; k < 6; cout << "s", k += 2) cout << "b" << k;
  for (int s = 0, t = 10; s < t; s += 3, --t) cout << s << t << ' ';
  map<int,int> m; m[3] = 4, m[5] = 6;
  for (auto it = m.begin(); it != m.end(); it++) cout << it->first << it->second;
}
