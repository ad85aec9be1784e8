#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <map>
#include <algorithm>
#include <stdexcept>
using namespace std;
struct Bed {
    char mark = 'x';
    Bed copy() const { Bed other = *this; return other; }
    int sum(int a) const { return a + mark + 1; }
    int sum(int a, int b) const { return a * b + sum(a); }
    friend ostream& operator<<(ostream& out, const Bed& o) { return out << "<Bed " << o.mark << "," << ">"; }
    virtual ~Bed() {}
};
struct Plot : public Bed {
    vector<int> marks{1, 2};
    Plot() { marks = {1, 2}; }
    void reset() { *this = Plot(); }
    string label() const { return string("Plot"); }
    bool same(const Plot& other) const { return mark == other.mark; }
    int size() const { return mark + 1; }
};
void tell0(Bed& it) {  cout << "tell " << 1 << endl; }
int main() {
    Plot a;
    Plot* b = new Plot();
    Plot c;
    b->reset();
    { auto z = b->copy();  }
    cout << a.label() << endl;
    b->mark++; cout << b->mark << endl;
    b->mark++; cout << b->mark << endl;
    cout << a.label() << endl;
    { map<string, Plot> by; by.insert({"k", c}); auto it = by.find("k"); cout << it->second.size() << endl; }
    delete b;
    return 0;
}
