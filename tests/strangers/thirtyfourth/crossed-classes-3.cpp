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
    Bed() { rows = 3; }
    Bed copy() const { Bed other = *this; other.rows += 10; return other; }
    int sum(int a) { int t = a; for (int i = 0; i < 3; i++) t += size_of(i); return t; }
    int size_of(int i) const { return i * 2; }
    virtual void show() const { cout << "Bed:" << rows + 1 << " " << rows << endl; }
    int grow(int by = 1) { rows += by; return by * 2; }
    virtual ~Bed() {}
protected:
    int rows = 3;
};
class Plot : public Bed {
protected:
    int depth = 7;
    char mark = 'x';
public:
    Plot() { depth = 7; mark = 'x'; }
    void show() const override { cout << "Plot:" << mark - 'a' << " " << rows << endl; }
    bool same(const Plot& other) const { return rows == other.rows; }
    void reset() { *this = Plot(); }
    bool operator<(const Plot& o) const { return rows < o.rows; }
    Plot& operator+=(int k) { rows += k; return *this; }
};
int main() {
    Bed* a = new Bed();
    Bed b;
    b.show();
    cout << a->grow(4) << endl;
    a->grow(2);
    a->show();
    cout << a->grow(4) << endl;
    { auto z = b.copy();  z.show(); }
    { map<string, Bed> by; by.insert({"k", b}); auto it = by.find("k"); it->second.show(); }
    delete a;
    return 0;
}
