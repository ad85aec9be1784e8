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
    Bed(const vector<int>& marks_in = {1, 2}, const string& name_in = "pea", char mark_in = 'x') : marks(marks_in), name(name_in), mark(mark_in) { cout << "make Bed" << endl;  }
    void reset() { *this = Bed(); }
    Bed copy() const { Bed other = *this; return other; }
    virtual int size() const { return (int)name.size(); }
    virtual void show() const { cout << "Bed:" << marks[0] << " " << name << endl; }
    int sum(int a) const { return a + (int)name.size(); }
    int sum(int a, int b) const { return a * b + sum(a); }
    static int made;
    static int twice(int k) { return k * 2 + made; }
    virtual ~Bed() {}
public:
    vector<int> marks;
    string name;
    char mark;
};
int Bed::made = 1;
class Plot : public Bed {
public:
    Plot(const vector<int>& pmarks_in, const string& pname_in, char pmark_in, double area_in) : Bed(pmarks_in, pname_in, pmark_in), area(area_in) { cout << "make Plot" << endl;  }
    void grow(int by = 1) { area *= by; }
    double worth() const { return marks.back() * 2; }
    virtual ~Plot() = default;
protected:
    double area;
};
class Pond {
public:
    char mark;
public:
    explicit Pond(char mark_in = 'x') : mark(mark_in) { cout << "make Pond" << endl;  }
    int size() const { return mark + 1; }
    void reset() { *this = Pond(); }
    double worth() const { return mark + 1; }
    bool operator<(const Pond& o) const { return mark < o.mark; }
};
int main() {
    Plot a{{4, 5}, "bean", 'z', 0.25};
    auto b = Bed(vector<int>{6}, "bean", 'z');
    b.mark++; cout << b.mark << endl;
    { map<string, Plot> by; by.insert({"k", a}); auto it = by.find("k"); it->second.show(); }
    b.name += "!"; cout << b.name << endl;
    { map<string, Bed> by; by.insert({"k", b}); auto it = by.find("k"); it->second.show(); }
    { auto z = a.copy();  z.show(); }
    cout << "end" << endl;
}
