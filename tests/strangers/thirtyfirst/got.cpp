#include <iostream>
#include <memory>
using namespace std;
struct Bed { int n = 5; int get() const { return n; } };
struct Row { shared_ptr<Bed> bed = make_shared<Bed>(); Bed plain; };
int main() {
    auto p = make_shared<Bed>();
    Bed* q = p.get();
    q->n = 8;
    cout << p->get() << q->get() << (*p).get() << p.get()->get() << endl;
    Row r; r.plain.n = 3;
    cout << r.bed->get() << r.plain.get() << r.bed.get()->n << endl;
    Bed& s = *p; cout << s.get() << endl;
}
