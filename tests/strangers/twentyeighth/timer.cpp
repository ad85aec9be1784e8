#include <iostream>
#include <string>
#include <stdexcept>
using std::cout; using std::endl; using std::string;

class Time {
    int h{0}, m{0}, s{0};
    void normalize() {
        m += s / 60; s %= 60;
        h += m / 60; m %= 60;
        h %= 24;
    }
public:
    Time() = default;
    Time(int hours, int minutes, int seconds = 0) : h{hours}, m{minutes}, s{seconds} { normalize(); }
    static Time parse(const string& text) {
        size_t p = text.find(':');
        if (p == string::npos) throw std::invalid_argument("no colon in " + text);
        return Time(std::stoi(text.substr(0, p)), std::stoi(text.substr(p + 1)));
    }
    int seconds() const { return h * 3600 + m * 60 + s; }
    Time& operator+=(int secs) { s += secs; normalize(); return *this; }
    Time operator+(int secs) const { Time t = *this; t += secs; return t; }
    int operator-(const Time& o) const { return seconds() - o.seconds(); }
    Time& operator++() { return *this += 1; }
    Time operator++(int) { Time old = *this; ++*this; return old; }
    bool operator==(const Time& o) const { return seconds() == o.seconds(); }
    bool operator<(const Time& o) const { return seconds() < o.seconds(); }
    bool operator>=(const Time& o) const { return !(*this < o); }
    operator string() const { return str(); }
    string str() const {
        auto two = [](int n) { return (n < 10 ? "0" : "") + std::to_string(n); };
        return two(h) + ":" + two(m) + ":" + two(s);
    }
    friend std::ostream& operator<<(std::ostream& os, const Time& t) { return os << t.str(); }
};

int main() {
    Time a(9, 59, 58), b = Time::parse("08:30");
    cout << a << " " << b << " " << a - b << endl;
    cout << a++ << " " << a << " " << ++a << endl;
    cout << (a + 3600 * 15) << (b < a) << (a >= b) << (a == Time(10, 0)) << endl;
    (a += 30) += 30;
    cout << a << endl;
    try {
        Time::parse("late");
    } catch (const std::exception& e) {
        cout << "Error: " << e.what() << endl;
    }
    Time table[3] = {Time(1, 2), {3, 4, 5}};
    for (const Time& t : table) cout << t << ' ';
    string s = table[1];
    cout << s.length() << endl;
    Time* p = &table[2];
    *p += 61;
    p->operator+=(1);
    cout << *p << " " << table[2].seconds() << endl;
}
