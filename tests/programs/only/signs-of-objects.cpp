#include <iostream>
#include <string>
#include <set>
using namespace std;
struct Money {
    int pence;
    Money(int p = 0) : pence(p) {}
    Money& operator+=(const Money& o) { pence += o.pence; return *this; }
    Money& operator++() { ++pence; return *this; }
    Money operator-() const { return Money(-pence); }
    Money operator/(int n) const { return Money(pence / n); }
    bool operator!=(const Money& o) const { return !(*this == o); }
    bool operator==(const Money& o) const { return pence == o.pence; }
};
class Grid {
    int cells[6] = {1, 2, 3, 4, 5, 6};
public:
    int operator()(int r, int c) const { return cells[r * 3 + c]; }
    int& operator[](int i) { return cells[i]; }
};
int main() {
    Money a(5), b(7);
    a += b; ++a;
    cout << a.pence << " " << (-a).pence << " " << (a / 2).pence << " " << (a != b) << endl;
    Grid g;
    cout << g(1, 2) << " " << g[3] << endl;
    set<int> s = {1, 4, 2};
    for (auto it = s.begin(); it != s.end(); ++it) cout << *it << (next(it) == s.end() ? "\n" : ",");
}
