#include <iostream>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct A { int n = 0; };
struct B { A own; A* other = nullptr; vector<A*> many; map<string, A*> named; vector<A> mine; };
void byValue(vector<A*> v) { v[0]->n += 1; v.push_back(nullptr); }
void boxByValue(B b) { b.own.n = 50; b.other->n += 100; b.many[0]->n += 1000; }
struct Holder { vector<A*> kept; Holder(vector<A*> k) : kept(k) {} };
int main() {
    A a, c;
    vector<A*> v = {&a, &c};
    vector<A*> w = v;
    w[0]->n = 5;
    w.push_back(&a);
    cout << a.n << v.size() << w.size() << endl;
    B b;
    b.other = &a; b.many.push_back(&c); b.named["x"] = &a; b.mine.push_back(a);
    B d = b;
    d.own.n = 7; d.other->n = 8; d.many[0]->n = 9; d.named["x"]->n += 1; d.mine[0].n = 77; d.many.push_back(&a);
    cout << b.own.n << a.n << c.n << b.mine[0].n << b.many.size() << d.many.size() << endl;
    byValue(v);
    boxByValue(b);
    cout << a.n << " " << c.n << " " << b.own.n << " " << v.size() << endl;
    vector<B> bs = {b};
    bs[0].other->n = 1;
    bs[0].own.n = 3;
    cout << a.n << b.own.n << endl;
    Holder h(v);
    h.kept[1]->n = 2;
    h.kept.clear();
    cout << c.n << v.size() << endl;
    map<string, A*> m{{"a", &a}}, m2 = m;
    m2["a"]->n = 4;
    cout << a.n << (m["a"] == m2["a"]) << (v[0] == &a) << endl;
    for (A* p : v) p->n = 6;
    for (auto p : v) p->n++;
    cout << a.n << c.n << endl;
    B* pb = &b;
    B e = *pb;
    e.other->n = 0;
    e.own.n = 1;
    cout << a.n << b.own.n << endl;
    A* arr[2] = {&a, &c};
    A** pp = arr;
    cout << arr[1]->n << endl;
}
