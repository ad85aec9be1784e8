#include <iostream>
#include <vector>
using namespace std;
struct Student { string name; int mark; };
int main() {
  int a[] = {3, 1, 4, 1, 5}, n = 5, s = 0;
  for (int* each = a; each < a + n; each++) s += *each;
  cout << s << endl;
  int *p = a;
  cout << *p << " " << p[1] << " " << *(p + 2) << endl;
  p++; cout << *p << p - a << endl;
  p += 2; *p = 9; cout << a[3] << *(p - 1) << endl;
  *(p + 1) = 7; p[-1] = 8; cout << a[4] << a[2] << endl;
  int *q = &a[1]; q++; cout << *q << (q < p) << p - q << endl;
  p = a; while (p != a + 5) { cout << *p++ << ' '; } cout << endl;
  const int *e = a + n; for (const int *it = a; it != e; ++it) cout << *it; cout << endl;
  Student st[2] = {{"Kai", 3}, {"Mo", 5}};
  for (Student *t = st; t < st + 2; t++) cout << t->name << (*t).mark << " "; cout << endl;
  Student *best = &st[0]; best->mark = 10; cout << st[0].mark << endl;
  vector<int> v = {1, 2, 3, 4, 6};
  for (auto it = v.begin(); it != v.end();) { if (*it % 2 == 0) it = v.erase(it); else ++it; }
  for (int x : v) cout << x; cout << endl;
  auto it = v.begin(); ++it; v.insert(it, 9); for (int x : v) cout << x; cout << endl;
  auto i2 = v.begin() + 1; cout << *i2 << *(i2 + 1) << i2 - v.begin() << distance(v.begin(), i2) << endl;
  vector<int>::iterator w = v.begin(); while (w != v.end()) { *w += 1; w++; } cout << v[0] << v.back() << endl;
  for (int i = 0; i < 3; i++) cout << *(a + i); cout << endl;
  char text[] = "pea"; for (char *c = text; *c != '\0'; c++) cout << *c << '.'; cout << endl;
  char *c = text; while (*c) c++; cout << c - text << endl;
}
