#include <iostream>
#include <iomanip>
#include <string>
using namespace std;
class Time {
    int h, m, s;
    void normalise() { m += s / 60; s %= 60; h += m / 60; m %= 60; h %= 24; }
public:
    Time(int h = 0, int m = 0, int s = 0) : h(h), m(m), s(s) { normalise(); }
    Time operator+(const Time& t) const { return Time(h + t.h, m + t.m, s + t.s); }
    Time& operator++() { s++; normalise(); return *this; }
    Time operator++(int) { Time old = *this; ++(*this); return old; }
    bool operator==(const Time& t) const { return h == t.h && m == t.m && s == t.s; }
    bool operator<(const Time& t) const { return toSeconds() < t.toSeconds(); }
    int toSeconds() const { return h * 3600 + m * 60 + s; }
    friend ostream& operator<<(ostream& out, const Time& t) {
        out << setfill('0') << setw(2) << t.h << ":" << setw(2) << t.m << ":" << setw(2) << t.s;
        return out;
    }
    friend istream& operator>>(istream& in, Time& t) {
        char c;
        in >> t.h >> c >> t.m >> c >> t.s;
        t.normalise();
        return in;
    }
};
int main() {
    Time a(1, 59, 58), b(0, 0, 5), c;
    cout << a + b << " " << (a < b) << " " << (a == Time(1, 59, 58)) << endl;
    ++a; cout << a << endl;
    cout << a++ << " " << a << endl;
    cin >> c; cout << c << " " << c.toSeconds() << endl;
    cout << 5 << "|" << setw(4) << 7 << endl;
}
