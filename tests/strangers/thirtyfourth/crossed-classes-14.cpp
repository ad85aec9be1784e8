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
    Bed(vector<int> marks_in = {1, 2}) { this->marks = marks_in; }
    string label() const { return string("Bed") + to_string(marks.back() * 2); }
    bool same(const Bed& other) const { return marks == other.marks; }
};
void tell0(const Bed& it) {  cout << "tell " << it.label() << endl; }
int main() {
    Bed a(vector<int>{6});
    Bed b({4, 5});
    for (int k : b.marks) cout << k << " "; cout << endl;
    b.marks.push_back(8); cout << b.marks.size() << endl;
    tell0(b);
    { vector<Bed> all; all.push_back(b); all.push_back(Bed(vector<int>{6})); for (auto &k : all) { } } 
    { vector<Bed> all; all.push_back(a); all.push_back(Bed()); for (auto &k : all) { } } 
    for (int k : a.marks) cout << k << " "; cout << endl;
    cout << "end" << endl;
}
