#include <iostream>
#include <iomanip>
#include <vector>
using namespace std;
class A {
    vector<double> v{2.5, 3.25};
public:
    friend ostream& operator<<(ostream& os, const A& a) { os << fixed << setprecision(1); for (double x : a.v) os << x << " "; return os; }
};
int main() { A a; cout << 1.5 << a << endl; cout << 2.25 << endl; }
