#include <iostream>
#include <vector>
using namespace std;
struct A { int n = 0; };
struct P { int x; A* a = nullptr; };
int main() {
    A a;
    P p{1, &a};
    P q = p;
    q.x = 2; q.a->n = 5;
    vector<A*> v = {&a};
    vector<A*> w = v;
    w[0]->n++; w.push_back(&a);
    cout << p.x << a.n << v.size() << endl;
}
