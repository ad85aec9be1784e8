#include <iostream>
#include <iomanip>
#include <vector>
using namespace std;
class A {
    vector<double> v{2.5, 3.25};
public:
    friend ostream& operator<<(ostream& os, const A& a) { for (double x : a.v) os << x << " "; return os; }
};
int main() { A a; cout << a << endl; cout << fixed << setprecision(2); cout << a << endl; }
