#include <iostream>
#include <vector>
using namespace std;
struct A { int n = 0; void up() { n++; } };
struct Box { A* a; vector<A*> list; void add(A* x) { list.push_back(x); } };
void take(vector<A*>& v, A* x) { v.push_back(x); }
int main() {
    A a, b;
    vector<A*> v;
    v.push_back(&a);
    v[0]->up();
    vector<A*> w = {&a, &b};
    w[0]->up();
    A* arr[2] = {&a, &b};
    arr[0]->up();
    A* p = &a;
    v.push_back(p);
    v[1]->up();
    Box box;
    box.a = &a;
    box.a->up();
    box.add(&a);
    box.list[0]->up();
    take(v, &a);
    v.back()->up();
    v.emplace_back(&a); v.back()->up();
    v.insert(v.begin(), &a); v[0]->up();
    Box c{&a, {}};
    c.a->up();
    cout << a.n << b.n << endl;
}
