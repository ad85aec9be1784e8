#include <iostream>
#include <string>
using namespace std;

class Date {
    int d, m, y;
    static const int DAYS[12];
public:
    Date(int d = 1, int m = 1, int y = 2000) : d(d), m(m), y(y) {}
    static bool leap(int y) { return (y % 4 == 0 && y % 100 != 0) || y % 400 == 0; }
    int daysInMonth() const { return m == 2 && leap(y) ? 29 : DAYS[m - 1]; }
    bool valid() const { return m >= 1 && m <= 12 && d >= 1 && d <= daysInMonth(); }
    Date& operator++() {
        if (++d > daysInMonth()) { d = 1; if (++m > 12) { m = 1; ++y; } }
        return *this;
    }
    Date operator+(int n) const { Date r = *this; while (n-- > 0) ++r; return r; }
    int operator-(Date o) const { int n = 0; while (o < *this) { ++o; ++n; } return n; }
    bool operator<(const Date& o) const { return y != o.y ? y < o.y : m != o.m ? m < o.m : d < o.d; }
    string str() const {
        string s = to_string(y) + "-";
        s += (m < 10 ? "0" : "") + to_string(m) + "-";
        return s + (d < 10 ? "0" : "") + to_string(d);
    }
};
const int Date::DAYS[12] = {31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};

enum Weekday { MON, TUE, WED, THU, FRI, SAT, SUN };
const char* NAMES[] = {"Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"};

Weekday weekday(const Date& x) {
    Date base(1, 1, 2024);
    return Weekday((x - base) % 7);
}

int main() {
    Date a(27, 2, 2024);
    for (int i = 0; i < 4; i++) { cout << a.str() << " " << NAMES[weekday(a)] << endl; ++a; }
    Date b = a + 300;
    cout << b.str() << " " << (b - a) << " " << Date(31, 4, 2024).valid() << Date(29, 2, 2023).valid() << Date(29, 2, 2000).valid() << endl;
    Weekday w = weekday(b);
    switch (w) {
        case SAT: case SUN: cout << "weekend" << endl; break;
        default: cout << "workday " << w << endl;
    }
    Date days[] = {Date(5, 5, 2025), Date(1, 1, 2024), Date()};
    int n = sizeof(days) / sizeof(days[0]);
    for (int i = 1; i < n; i++) {
        Date key = days[i];
        int j = i - 1;
        while (j >= 0 && key < days[j]) { days[j + 1] = days[j]; j--; }
        days[j + 1] = key;
    }
    for (const Date& x : days) cout << x.str() << " ";
    cout << endl;
}
