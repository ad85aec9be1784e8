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
    vector<int> marks;
public:
    explicit Bed(const vector<int>& marks_in) : marks(marks_in) {}
    int sum(int a) const { return a + marks.back() * 2; }
    int sum(int a, int b) const { return a * b + sum(a); }
    double worth() const { return marks.size(); }
    string label() const { return string("Bed") + to_string(marks.size()); }
    static int made;
    static int twice(int k) { return k * 2 + made; }
};
int Bed::made = 3;
int main() {
    Bed a = Bed(vector<int>(2, 9));
    Bed b(vector<int>(2, 9));
    { map<string, Bed> by; by.insert({"k", b}); auto it = by.find("k"); cout << by.size() << endl; }
    cout << b.label() << endl;
    { vector<Bed> all; all.push_back(b); all.push_back(Bed(vector<int>(2, 9))); for (auto k : all) { } } 
    for (int k : b.marks) cout << k << " "; cout << endl;
    b.marks.push_back(8); cout << b.marks.size() << endl;
    { map<string, Bed> by; by.insert({"k", b}); auto it = by.find("k"); cout << by.size() << endl; }
    Bed::made++; cout << Bed::twice(4) << endl;
    cout << "end" << endl;
}
