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
    char mark = 'x';
    vector<int> marks{1, 2};
public:
    Bed(char mark_in, const vector<int>& marks_in) : mark(mark_in), marks(marks_in) {}
    Bed() : Bed('x', {1, 2}) {}
    int sum(int a) { int t = a; for (int i = 0; i < 3; i++) t += size_of(i); return t; }
    int size_of(int i) const { return i * 2; }
    bool same(const Bed& other) const { return mark == other.mark; }
    string label() const { return string("Bed"); }
    bool operator==(const Bed& o) const { return mark == o.mark; }
};
void tell0(Bed it) {  cout << "tell " << it.label() << endl; }
void tell1(const Bed& it) {  cout << "tell " << it.label() << endl; }
int main() {
    Bed* a = new Bed('b', vector<int>(2, 9));
    for (int k : a->marks) cout << k << " "; cout << endl;
    tell1(*a);
    cout << a->same((*a)) << boolalpha << a->same(Bed('b', {4, 5})) << noboolalpha << endl;
    tell1(*a);
    delete a;
    return 0;
}
