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
    Bed(double area_in = 1.5) : area(area_in) {}
    virtual string label() const { return string("Bed") + to_string(area + 1); }
    virtual void show() const { cout << "Bed:" << area * 2 << " " << area << endl; }
    void reset() { *this = Bed(); }
    virtual ~Bed() = default;
protected:
    double area;
};
struct Plot {
    double area = 1.5;
    int rows = 3;
    Plot() { area = 1.5; rows = 3; }
    virtual void show() const { cout << "Plot:" << area * 2 << " " << area << endl; }
    bool same(const Plot& other) const { return area == other.area; }
    Plot copy() const { Plot other = *this; other.area += 10; return other; }
    void grow(int by = 1) { area *= by; }
    virtual ~Plot() {}
};
int main() {
    Bed a(10);
    { map<string, Bed> by; by.insert({"k", a}); auto it = by.find("k"); it->second.show(); }
    { Bed z = a; z.show(); a.show(); a = z; }
    { vector<Bed> all; all.push_back(a); all.push_back(Bed(0.25)); for (auto &k : all) { k.show(); } all[0].show(); } a.show();
    { Bed& z = a; a.show(); }
    { Bed& z = a; a.show(); }
    { Bed& z = a; a.show(); }
    a.show();
    cout << "end" << endl;
}
