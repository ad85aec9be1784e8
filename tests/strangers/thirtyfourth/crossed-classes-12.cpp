#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <map>
#include <algorithm>
#include <stdexcept>
using namespace std;
class Bed {
public:
    Bed() { wet = true; area = 1.5; }
    int sum(int a) { int t = a; for (int i = 0; i < 3; i++) t += size_of(i); return t; }
    int size_of(int i) const { return i * 2; }
    virtual double worth() const { return wet ? 4 : 5; }
    string label() const { return string("Bed") + to_string(area); }
    int operator()(int a) const { return a + area; }
    virtual ~Bed() = default;
protected:
    bool wet = true;
    double area = 1.5;
};
class Plot : public Bed {
protected:
    int depth;
public:
    Plot(int depth_in) : depth(depth_in) {}
    Plot() : Plot(7) {}
    int size() const { return depth; }
    bool same(const Plot& other) const { return wet == other.wet; }
    void show() const { cout << "Plot:" << depth / 2 << " " << wet << endl; }
    double worth() const override { return area / 2; }
    void reset() { *this = Plot(); }
    bool operator<(const Plot& o) const { return wet < o.wet; }
    Plot operator-() const { Plot s(*this); s.area = -s.area; return s; }
    static int made;
    static int twice(int k) { return k * 2 + made; }
};
int Plot::made = 3;
int main() {
    Plot a(7);
    Plot* b = new Plot(0);
    cout << b->label() << endl;
    { auto& best = max((*b), (*b)); best.show(); }
    { auto z = -(*b); z.show(); }
    b->reset();
    { auto z = -a; z.show(); }
    delete b;
    cout << "end" << endl;
}
