#include <iostream>
#include <vector>
using namespace std;
struct B { int m; B* next = nullptr; B(int k) : m(k) {} bool operator==(const B& o) const { return m == o.m; } bool operator!=(const B& o) const { return !(*this == o); } bool isMe(const B& o) const { return this == &o; } bool same(B* o) { return this == o || *this == *o; } };
int main() {
    B a(3), b(3), c(4);
    B* p = &a; B* q = &b;
    cout << (p == q) << (*p == *q) << (p != q) << (*p != c) << (p == &a) << (&b == q) << (&a == &b) << (a == b) << endl;
    p->next = q; q->next = p;
    cout << (p->next == q) << (p->next->next == p) << (*p->next == *p) << (p->next != p) << endl;
    cout << a.isMe(a) << a.isMe(b) << a.same(&b) << a.same(&c) << endl;
    vector<B*> all = {p, q}; int n = 0;
    for (B* x : all) if (x == q) n++;
    for (auto x : all) if (x != q) n += 10;
    for (B* x : all) if (*x == b) n += 100;
    cout << n << (all[0] == p) << (*all[0] == *all[1]) << endl;
    B* r = p; while (r != nullptr && r != q) r = r->next; cout << r->m << (r == nullptr) << (r == q) << endl;
}
