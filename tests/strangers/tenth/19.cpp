#include <iostream>
#include <string>
#include <vector>

using namespace std;

class Date {
private:
    int day, month, year;
    static const int DAYS[13];
public:
    Date(int d = 1, int m = 1, int y = 2000) : day(d), month(m), year(y) {
        if (!valid()) throw "invalid date";
    }
    static bool leap(int y) { return (y % 4 == 0 && y % 100 != 0) || y % 400 == 0; }
    static int daysIn(int m, int y) { return m == 2 && leap(y) ? 29 : DAYS[m]; }
    bool valid() const { return month >= 1 && month <= 12 && day >= 1 && day <= daysIn(month, year); }
    Date& operator++() {
        if (++day > daysIn(month, year)) {
            day = 1;
            if (++month > 12) { month = 1; ++year; }
        }
        return *this;
    }
    Date operator++(int) { Date old = *this; ++*this; return old; }
    bool operator<(const Date& o) const {
        if (year != o.year) return year < o.year;
        if (month != o.month) return month < o.month;
        return day < o.day;
    }
    bool operator==(const Date& o) const { return !(*this < o) && !(o < *this); }
    int operator-(const Date& o) const {
        int n = 0;
        for (Date d = o; d < *this; ++d) n++;
        return n;
    }
    string str() const {
        string s = to_string(day);
        s += "." + to_string(month) + "." + to_string(year);
        return s;
    }
};
const int Date::DAYS[13] = {0, 31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};

int main() {
    Date d(27, 2, 2024);
    for (int i = 0; i < 4; i++, d++) cout << d.str() << " ";
    cout << endl;
    cout << Date(1, 1, 2025) - Date(1, 1, 2024) << " " << (Date() == Date(1, 1)) << endl;
    try {
        Date bad(31, 4, 2023);
    } catch (const char* msg) {
        cout << "caught: " << msg << endl;
    }
    unsigned int flags = 0;
    enum { READ = 1, WRITE = 2, EXEC = 4 };
    flags |= READ | EXEC;
    flags ^= READ;
    cout << flags << " " << ((flags & EXEC) ? "exec" : "-") << " " << (flags << 3) << endl;
    short s = 32767;
    long long big = 1LL << 40;
    cout << s << " " << big << " " << sizeof(big) << " " << 5 / 2 << " " << 5 / 2.0 << " " << 5 % 3 << " " << (char)('a' + 2) << " " << int('A') << endl;
    float f = 0.1f;
    double dd = 0.1;
    cout << f * 3 << " " << dd * 3 << " " << (0.1 + 0.2 == 0.3) << " " << 1e6 << " " << 123456789.0 << " " << 1.0 / 3 << endl;
    string a = "apple", b = "banana";
    cout << (a < b) << " " << a.compare(b) << " " << a.substr(1, 3) << " " << a.find("pl") << " " << a.insert(1, "XX") << " " << a.replace(0, 2, "") << " " << a.erase(2) << endl;
}
