#include <iostream>
#include <iomanip>
#include <cassert>

namespace garden {
    class Time {
        int total;  // minutes
    public:
        Time(int h = 0, int m = 0) : total{((h * 60 + m) % 1440 + 1440) % 1440} { }
        int hours() const { return total / 60; }
        int minutes() const { return total % 60; }
        Time& operator++() { total = (total + 1) % 1440; return *this; }
        Time operator++(int) { Time old{*this}; ++*this; return old; }
        Time& operator+=(int m) { *this = *this + m; return *this; }
        friend Time operator+(Time t, int m);
        friend int operator-(const Time& a, const Time& b) { return a.total - b.total; }
        friend std::istream& operator>>(std::istream& in, Time& t);
        explicit operator bool() const { return total != 0; }
        operator double() const = delete;
        bool operator==(const Time&) const = default;
        auto operator<=>(const Time&) const = default;
    };
    Time operator+(Time t, int m) { return Time(0, t.total + m); }
    std::ostream& operator<<(std::ostream& out, const Time& t) {
        return out << std::setfill('0') << std::setw(2) << t.hours() << ':' << std::setw(2) << t.minutes() << std::setfill(' ');
    }
    std::istream& operator>>(std::istream& in, Time& t) {
        int h, m; char colon;
        if (in >> h >> colon >> m && colon == ':') t = Time(h, m);
        else in.setstate(std::ios::failbit);
        return in;
    }
    namespace detail { const int opening = 9; }
}
using garden::Time;
int main() {
    Time open(garden::detail::opening), t{23, 58};
    std::cout << open << ' ' << t << ' ' << t++ << ' ' << ++t << ' ' << t << '\n';
    t += 75; std::cout << t << ' ' << t - open << ' ' << (t < open) << (t == Time{1, 15}) << '\n';
    std::cout << (Time() ? "set" : "midnight") << ' ' << Time(-1, -30) << '\n';
    Time when;
    while (std::cin >> when) std::cout << "read " << when << (when >= open ? " open" : " shut") << '\n';
    std::cout << (std::cin.eof() ? "end" : "bad") << '\n';
    assert(open.hours() == 9);
}
