#include <iostream>
#include <sstream>
#include <string>
#include <vector>
using namespace std;
struct E { string n; double a = 0; int k[2]; };
bool parse(const string& l, E& e) { istringstream in(l); if (!getline(in, e.n, ';')) return false; if (!(in >> e.a)) return false; return true; }
int main() {
    E e;
    cout << parse("rent;4.5", e) << e.n << e.a << endl;
    cout << parse("x;y", e) << e.n << e.a << endl;
    vector<int> v(3);
    istringstream in("4 5");
    int i = 0;
    while (in >> v[i]) i++;
    cout << i << v[0] << v[1] << v[2] << endl;
    cout.precision(3);
    cout << 3.14159 << " " << 2.0 / 3 << endl;
    E f;
    if (cin >> f.n >> f.a) cout << f.n << f.a << endl;
    while (getline(cin, f.n)) cout << "[" << f.n << "]";
    cout << endl;
}
