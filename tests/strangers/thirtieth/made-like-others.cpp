#include <bits/stdc++.h>
using namespace std;
class Bed { int n; public: Bed() { n = 1; cout << "B"; } Bed(int k) : n(k) {} int get() { return n; } void set(int k) { n = k; } }; int main() { Bed a(4); Bed* p = new Bed(a); p->set(9); cout << a.get() << p->get(); Bed* q = new Bed(*p); q->set(2); cout << p->get() << q->get(); auto u = make_unique<Bed>(a); u->set(7); cout << a.get() << u->get(); }
