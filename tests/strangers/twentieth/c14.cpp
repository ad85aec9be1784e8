#include <iostream>
#include <vector>
#include <map>
#include <string>
using namespace std;
class Plant {
    string name; int h = 0;
public:
    Plant(string n) : name(n) {}
    void grow(int by) { h += by; }
    string info() const { return name + ":" + to_string(h); }
    int height() const { return h; }
};
class Gardener {
    vector<Plant*> mine;
    Plant* best = nullptr;
public:
    void own(Plant* p) { mine.push_back(p); if (!best || p->height() > best->height()) best = p; }
    void ownRef(Plant& p) { mine.push_back(&p); }
    void water() { for (auto p : mine) p->grow(2); }
    void water2() { for (auto* p : mine) p->grow(1); for (size_t i = 0; i < mine.size(); i++) mine[i]->grow(1); }
    Plant* favourite() { return best; }
    void show() { for (const Plant* p : mine) cout << p->info() << " "; cout << endl; }
};
void growAll(Plant* ps[], int n) { for (int i = 0; i < n; i++) ps[i]->grow(5); }
void growOne(Plant* p) { p->grow(100); }
void growRef(Plant& p) { p.grow(1000); }
void growCopy(Plant p) { p.grow(7); cout << "copy " << p.info() << endl; }
Plant* tallest(vector<Plant>& ps) {
    Plant* t = &ps[0];
    for (size_t i = 1; i < ps.size(); i++) if (ps[i].height() > t->height()) t = &ps[i];
    return t;
}
int main() {
    Plant rose("rose"), pea("pea");
    Gardener g, h;
    g.own(&rose); g.own(&pea); h.ownRef(rose);
    g.water(); h.water2();
    g.show(); h.show();
    cout << rose.info() << " " << g.favourite()->info() << endl;
    Plant* both[] = {&rose, &pea};
    growAll(both, 2);
    growOne(&rose); growRef(pea); growCopy(rose); growCopy(*both[1]);
    cout << rose.info() << " " << pea.info() << endl;
    vector<Plant> bed{Plant("kale"), Plant("leek")};
    bed[1].grow(3);
    tallest(bed)->grow(40);
    Plant* t = tallest(bed);
    t->grow(1);
    for (Plant p : bed) { p.grow(1); cout << p.info() << " "; }
    for (Plant& p : bed) { p.grow(1); cout << p.info() << " "; }
    cout << endl;
    map<string, Plant*> byName;
    byName["r"] = &rose;
    byName["r"]->grow(1);
    Plant copy = rose;
    copy.grow(9);
    Plant* p = &copy;
    p = &pea;
    p->grow(1);
    Plant& ref = rose;
    ref.grow(1);
    Plant third = *p;
    third.grow(50);
    cout << rose.info() << " " << copy.info() << " " << pea.info() << " " << third.info() << endl;
    Plant* q = new Plant(rose);
    q->grow(1);
    *q = pea;
    q->grow(2);
    cout << rose.info() << " " << q->info() << " " << pea.info() << endl;
    delete q;
    if (p == &pea) cout << "same" << endl;
    if (both[0] != both[1]) cout << "not same" << endl;
    Plant* nobody = nullptr;
    if (nobody == nullptr) cout << "none" << endl;
    vector<Plant*> heap;
    for (int i = 0; i < 3; i++) heap.push_back(new Plant("p" + to_string(i)));
    swap(heap[0], heap[2]);
    heap[0]->grow(4);
    for (auto x : heap) { cout << x->info() << " "; delete x; }
    cout << endl;
}
