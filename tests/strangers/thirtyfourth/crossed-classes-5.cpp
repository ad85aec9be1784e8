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
    void show() const { cout << "Bed:" << rows / 2 << " " << wet << endl; }
    int sum(int a) const { return a + rows + 1; }
    int sum(int a, int b) const { return a * b + sum(a); }
    string label() const { return string("Bed") + to_string(wet ? 4 : 5); }
    double worth() const { return wet ? 4 : 5; }
    int size() const { return rows + 1; }
    static int made;
    static int twice(int k) { return k * 2 + made; }
protected:
    bool wet = true;
    int rows = 3;
};
int Bed::made = 4;
class Plot {
protected:
    bool wet = true;
    double area = 1.5;
public:
    Plot(bool wet_in, double area_in) : wet(wet_in), area(area_in) {}
    virtual void show() const { cout << "Plot:" << area << " " << wet << endl; }
    string label() const { return string("Plot") + to_string(area); }
    Plot copy() const { Plot other = *this; other.area += 10; return other; }
    int sum(int a) const { return a + area / 2; }
    int sum(int a, int b) const { return a * b + sum(a); }
    Plot& operator++() { ++area; return *this; }
    Plot operator++(int) { Plot old = *this; ++*this; return old; }
    Plot operator+(const Plot& o) const { Plot s = *this; s.area += o.area; return s; }
    virtual ~Plot() = default;
};
int main() {
    unique_ptr<Plot> a = make_unique<Plot>(true, 10);
    Plot b(false, 10);
    { map<string, Plot> by; by.insert({"k", b}); auto it = by.find("k"); it->second.show(); }
    { auto z = a->copy();  z.show(); }
    { vector<Plot> all; all.push_back(b); all.push_back(Plot(false, 2.5)); for (auto &k : all) { k.show(); } all[0].show(); } b.show();
    cout << a->label() << endl;
    { map<string, Plot> by; by.insert({"k", b}); auto it = by.find("k"); it->second.show(); }
    { vector<Plot> all; all.push_back(b); all.push_back(Plot(true, 3)); for (auto k : all) { k.show(); } all[0].show(); } b.show();
    cout << b.sum(3) << endl;
    cout << "end" << endl;
}
