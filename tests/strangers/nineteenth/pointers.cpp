#include <iostream>
#include <vector>
#include <string>
using namespace std;
struct A { int k; string n; };
class Shape { public: virtual double area() const = 0; virtual ~Shape() {} };
class Sq : public Shape { double a; public: Sq(double a) : a(a) {} double area() const override { return a * a; } };
int main() {
    A one{1, "a"}, two{2, "b"};
    vector<A*> all{&one, &two};
    for (auto* p : all) p->k++;
    for (auto *p : all) cout << p->n << p->k;
    for (const auto* p : all) cout << p->n;
    for (A* p : all) p->k = 9;
    cout << one.k << two.k << endl;
    vector<Shape*> shapes;
    shapes.push_back(new Sq(2));
    shapes.push_back(new Sq(3));
    for (const Shape* s : shapes) cout << s->area() << ' ';
    for (auto* s : shapes) delete s;
    shapes.clear();
    cout << shapes.size() << endl;
    auto* q = &one; q->k = 4; cout << one.k << endl;
    A* best = nullptr;
    for (auto& a : all) if (!best || a->k > best->k) best = a;
    cout << best->n << endl;
}
