#include <iostream>
#include <vector>
using namespace std;
struct Student { string name; int mark; };
int sum(int* a, int n) { int s = 0; for (int* p = a; p < a + n; p++) s += *p; return s; }
int top(const int a[], int n) { const int *best = a; for (const int *p = a + 1; p != a + n; ++p) if (*p > *best) best = p; return *best; }
void show(vector<int> v) { for (auto it = v.begin(); it != v.end(); ++it) cout << *it; }
class A { public: virtual string name() { return "A"; } }; class B : public A { public: string name() override { return "B"; } };
int main() {
  int a[] = {4, 9, 2}; cout << sum(a, 3) << top(a, 3) << endl; show({1, 2});
  vector<Student> st = {{"Kai", 3}, {"Mo", 5}};
  Student* best = &st[0];
  for (auto& s : st) if (s.mark > best->mark) best = &s;
  cout << best->name << endl; best->mark = 9; cout << st[1].mark << endl;
  B b; A x; vector<A*> v = {&x, &b}; for (A* p : v) cout << p->name(); A* q = &b; q = &x; cout << q->name() << endl;
}
