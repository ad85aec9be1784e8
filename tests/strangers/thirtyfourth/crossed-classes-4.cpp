#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <map>
#include <algorithm>
#include <stdexcept>
using namespace std;
struct Bed {
    vector<int> marks{1, 2};
    double area = 1.5;
    Bed() { marks = {1, 2}; area = 1.5; }
    int sum(int a) { int t = a; for (int i = 0; i < 3; i++) t += size_of(i); return t; }
    int size_of(int i) const { return i * 2; }
    virtual int size() const { return area; }
    string label() const { return string("Bed") + to_string(area + 1); }
    Bed operator+(const Bed& o) const { Bed s = *this; s.area += o.area; return s; }
    virtual ~Bed() {}
};
class Plot : public Bed {
protected:
    char mark = 'x';
    int depth = 7;
public:
    Plot copy() const { Plot other = *this; other.area += 10; return other; }
    bool same(const Plot& other) const { return marks == other.marks; }
    string label() const { return string("Plot"); }
    explicit operator bool() const { return area > 2; }
    virtual ~Plot() {}
};
int main() {
    auto a = Plot();
    cout << (a ? "yes" : "no") << endl; if (!a) cout << "none" << endl;
    { map<string, Plot> by; by.insert({"k", a}); auto it = by.find("k"); cout << it->second.size() << endl; }
    { Bed& z = a; cout << z.label() << endl; cout << z.size() << endl; }
    cout << "end" << endl;
}
