#include <iostream>
#include <sstream>
#include <vector>
using namespace std;
class Fraction {
    int n, d;
public:
    Fraction(int n = 0, int d = 1) : n(n), d(d) {}
    friend istream& operator>>(istream& in, Fraction& f);
    friend ostream& operator<<(ostream& out, const Fraction& f);
    Fraction operator+(const Fraction& o) const { return Fraction(n * o.d + o.n * d, d * o.d); }
};
istream& operator>>(istream& in, Fraction& f) {
    char slash;
    in >> f.n >> slash >> f.d;
    return in;
}
ostream& operator<<(ostream& out, const Fraction& f) { return out << f.n << '/' << f.d; }
int main() {
    Fraction a, b;
    cin >> a >> b;
    cout << a + b << endl;
    std::cin >> a;
    cout << a << endl;
    int n;
    cin >> n;
    vector<Fraction> v(n);
    for (int i = 0; i < n; i++) cin >> v[i];
    for (const Fraction& f : v) cout << f << " ";
    cout << endl;
    Fraction c;
    while (cin >> c) cout << c << ";";
    if (!cin) cout << " end" << endl;
    istringstream s("7/8");
    if (s >> c) cout << c << endl;
}
