#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <map>
#include <algorithm>
#include <stdexcept>
using namespace std;
struct Bed {
    double area = 1.5;
    Bed() { area = 1.5; }
    virtual void show() const { cout << "Bed:" << area * 2 << " " << area << endl; }
    bool same(const Bed& other) const { return area == other.area; }
    virtual double worth() const { return area; }
    void reset() { *this = Bed(); }
    virtual int size() const { return area + 1; }
    Bed operator+(const Bed& o) const { Bed s = *this; s.area += o.area; return s; }
    virtual ~Bed() = default;
};
class Plot : public Bed {
protected:
    vector<int> marks{1, 2};
public:
    void show() const override { cout << "Plot:" << area / 2 << " " << area << endl; }
    int sum(int a) { int t = a; for (int i = 0; i < 3; i++) t += size_of(i); return t; }
    int size_of(int i) const { return i * 2; }
    bool operator<(const Plot& o) const { return area < o.area; }
    friend ostream& operator<<(ostream& out, const Plot& o) { return out << "<Plot " << o.area << "," << ">"; }
};
int main() {
    Bed a;
    { Bed z = a + Bed(); z.show(); }
    { vector<Bed> all; all.push_back(a); all.push_back(Bed()); for (auto k : all) { k.show(); } all[0].show(); } a.show();
    { vector<Bed> all; all.push_back(a); all.push_back(Bed()); for (auto k : all) { k.show(); } all[0].show(); } a.show();
    a.area /= 3; cout << a.area << endl;
    { Bed& z = a; a.show(); }
    return 0;
}
