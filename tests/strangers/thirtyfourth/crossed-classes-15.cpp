#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <map>
#include <algorithm>
#include <stdexcept>
using namespace std;
struct Bed {
    vector<int> marks;
    char mark = 'x';
    Bed(vector<int> marks_in, char mark_in) : marks(marks_in), mark(mark_in) { cout << "make Bed" << endl;  }
    virtual string label() const { return string("Bed") + to_string(marks.back() * 2); }
    int sum(int a) { int t = a; for (int i = 0; i < 3; i++) t += size_of(i); return t; }
    int size_of(int i) const { return i * 2; }
    virtual ~Bed() = default;
};
class Plot {
public:
    Plot(vector<int> marks_in, string name_in) : marks(marks_in), name(name_in) {}
    Plot() : Plot({1, 2}, "pea") {}
    string label() const { return string(name); }
    void reset() { *this = Plot(); }
protected:
    vector<int> marks;
    string name = "pea";
};
int main() {
    auto a = Plot({4, 5}, "bean");
    Plot b({4, 5}, "bean");
    { Plot& z = a; }
    { Plot& z = b; }
    { vector<Plot> all; all.push_back(a); all.push_back(Plot()); for (auto &k : all) { } } 
    { Plot z = a; a = z; }
    b.reset();
    { map<string, Plot> by; by.insert({"k", a}); auto it = by.find("k"); cout << by.size() << endl; }
    { map<string, Plot> by; by.insert({"k", b}); auto it = by.find("k"); cout << by.size() << endl; }
    cout << "end" << endl;
}
