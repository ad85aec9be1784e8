#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <map>
#include <algorithm>
#include <stdexcept>
using namespace std;
class Bed {
protected:
    int depth = 7;
    bool wet = true;
public:
    Bed(int depth_in = 7, bool wet_in = true) { depth = depth_in; wet = wet_in; }
    void show() const { cout << "Bed:" << depth + 1 << " " << wet << endl; }
    virtual string label() const { return string("Bed") + to_string(depth / 2); }
    virtual double worth() const { return depth; }
    Bed operator+(const Bed& o) const { Bed s = *this; s.depth += o.depth; return s; }
    bool operator==(const Bed& o) const { return depth == o.depth; }
    static int made;
    static int twice(int k) { return k * 2 + made; }
    virtual ~Bed() = default;
};
int Bed::made = 4;
int main() {
    Bed a(-4, false);
    unique_ptr<Bed> b = make_unique<Bed>();
    cout << a.label() << endl;
    Bed::made++; cout << Bed::twice(4) << endl;
    { Bed z = (*b) + Bed(0, true); z.show(); }
    cout << a.made << endl;
    cout << ((*b) == Bed(0, true)) << ((*b) == (*b)) << endl;
    Bed::made++; cout << Bed::twice(4) << endl;
    return 0;
}
