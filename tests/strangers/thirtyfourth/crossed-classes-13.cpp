#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <map>
#include <algorithm>
#include <stdexcept>
using namespace std;
struct Bed {
    bool wet = true;
    vector<int> marks{1, 2};
    int sum(int a) const { return a + marks.size(); }
    int sum(int a, int b) const { return a * b + sum(a); }
    friend ostream& operator<<(ostream& out, const Bed& o) { return out << "<Bed " << o.wet << "," << ">"; }
    int& operator[](int i) { return marks[i]; }
    static int made;
    static int twice(int k) { return k * 2 + made; }
    virtual ~Bed() = default;
};
int Bed::made = 1;
class Plot : public Bed {
protected:
    int depth = 7;
    char mark = 'x';
public:
    int size() const { return depth * 2; }
    void grow(int by = 1) { depth -= by; }
    Plot& operator+=(int k) { depth += k; return *this; }
    Plot operator-() const { Plot s(*this); s.depth = -s.depth; return s; }
    virtual ~Plot() {}
};
int main() {
    Plot* a = new Plot;
    auto b = Plot();
    Plot c;
    cout << b.size() << endl;
    { Plot z = c; z.grow(5); c = z; }
    cout << a->sum(3) << endl;
    c.grow();
    { Bed* z = &b; cout << (dynamic_cast<Plot*>(z) != nullptr) << endl; }
    delete a;
    cout << "end" << endl;
}
