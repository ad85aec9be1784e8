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
    void reset() { *this = Bed(); }
    bool same(const Bed& other) const { return area == other.area; }
    int size() const { return area + 1; }
    Bed copy() const { Bed other = *this; other.area += 10; return other; }
    double worth() const { return area * 2; }
    Bed operator+(const Bed& o) const { Bed s = *this; s.area += o.area; return s; }
};
struct Plot : public Bed {
    int rows = 3;
    string name = "pea";
    Plot(int rows_in = 3) : rows(rows_in) {}
    double worth() const { return rows * 2; }
    int size() const { return area * 2; }
    virtual void show() const { cout << "Plot:" << area << " " << name << endl; }
    Plot& operator++() { ++area; return *this; }
    Plot operator++(int) { Plot old = *this; ++*this; return old; }
    bool operator==(const Plot& o) const { return area == o.area; }
    static int made;
    static int twice(int k) { return k * 2 + made; }
    virtual ~Plot() = default;
};
int Plot::made = 4;
class Pond : public Bed {
protected:
    int rows = 3;
    vector<int> marks{1, 2};
public:
    void show() const { cout << "Pond:" << area << " " << area << endl; }
    double worth() const { return marks[0]; }
    int& operator[](int i) { return marks[i]; }
};
int main() {
    Plot a = Plot(3);
    auto b = Bed();
    Plot c(7);
    { map<string, Bed> by; by.insert({"k", b}); auto it = by.find("k"); cout << it->second.size() << endl; }
    cout << c.worth() << endl;
    { map<string, Bed> by; by.insert({"k", b}); auto it = by.find("k"); cout << it->second.size() << endl; }
    { map<string, Bed> by; by.insert({"k", b}); auto it = by.find("k"); cout << it->second.size() << endl; }
    return 0;
}
