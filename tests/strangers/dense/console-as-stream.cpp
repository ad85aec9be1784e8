#include <iostream>
#include <vector>
#include <string>
using namespace std;
void show(ostream& out, const vector<int>& v) { for (int x : v) out << x << ' '; out << endl; }
struct P { string n; void print(ostream& os) const { os << "P " << n << "\n"; } };
ostream& operator<<(ostream& os, const P& p) { p.print(os); return os; }
int main() {
    show(cout, {1, 2, 3}); P p{"a"}; p.print(cout); cout << p;
}
