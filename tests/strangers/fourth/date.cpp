#include <iostream>
#include <iomanip>
#include <cstdlib>
using std::cout;
using std::cin;
using std::endl;

enum Day { Mon, Tue, Wed, Thu, Fri, Sat, Sun };
enum class Season { Spring, Summer = 5, Autumn };

class Date {
    int d, m, y;
public:
    Date(int d = 1, int m = 1, int y = 2000);
    static bool isLeap(int y) { return (y % 4 == 0 && y % 100 != 0) || y % 400 == 0; }
    int daysInMonth() const;
    Date& operator++();
    bool operator==(const Date& o) const { return d == o.d && m == o.m && y == o.y; }
    Date operator+(int n) const {
        Date r = *this;
        for (int i = 0; i < n; i++) ++r;
        return r;
    }
    void print() const { cout << std::setw(2) << std::setfill('0') << d << '/' << std::setw(2) << m << '/' << y << std::setfill(' '); }
};

Date::Date(int d, int m, int y) : d{d}, m{m}, y{y} {
    if (m < 1 || m > 12) { cout << "bad month" << endl; this->m = 1; }
}

int Date::daysInMonth() const {
    static const int days[] = {31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};
    return days[m - 1] + (m == 2 && isLeap(y));
}

Date& Date::operator++() {
    if (++d > daysInMonth()) {
        d = 1;
        if (++m > 12) { m = 1; ++y; }
    }
    return *this;
}

int main() {
    Date a(28, 2, 2024), b;
    ++a; a.print(); cout << endl;
    ++a; a.print(); cout << endl;
    (a + 31).print(); cout << endl;
    cout << (b == Date(1, 1, 2000)) << Date::isLeap(1900) << endl;
    Date bad(5, 13, 2020);
    Day today = Wed;
    today = static_cast<Day>((today + 5) % 7);
    if (today == Mon) cout << "Monday " << today << endl;
    const char* names[] = {"Mo", "Tu", "We", "Th", "Fr", "Sa", "Su"};
    for (int i = Mon; i <= Sun; i++) cout << names[i] << (i < Sun ? " " : "\n");
    Season s = Season::Summer;
    switch (s) {
        case Season::Spring: cout << "spring"; break;
        case Season::Summer: cout << "summer " << static_cast<int>(s); break;
        default: break;
    }
    cout << endl;
    exit(EXIT_SUCCESS);
}
