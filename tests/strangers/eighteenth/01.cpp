#include <iostream>
#include <string>
using namespace std;

class Time {
private:
    int hours;
    int minutes;
public:
    Time(int h = 0, int m = 0) {
        setTime(h, m);
    }
    void setTime(int h, int m) {
        hours = (h >= 0 && h < 24) ? h : 0;
        minutes = (m >= 0 && m < 60) ? m : 0;
    }
    Time add(const Time &other) const {
        int total = toMinutes() + other.toMinutes();
        return Time(total / 60 % 24, total % 60);
    }
    int toMinutes() const { return hours * 60 + minutes; }
    bool isBefore(const Time &t) const { return toMinutes() < t.toMinutes(); }
    void print() const {
        cout << (hours < 10 ? "0" : "") << hours << ":" << (minutes < 10 ? "0" : "") << minutes;
    }
    friend void swapTimes(Time &a, Time &b);
    static int count;
};
int Time::count = 0;

void swapTimes(Time &a, Time &b) {
    Time temp = a;
    a = b;
    b = temp;
    Time::count++;
}

int main() {
    Time a(9, 45), b(14, 30), c;
    c = a.add(b);
    a.print(); cout << " "; b.print(); cout << " "; c.print(); cout << endl;
    swapTimes(a, b);
    a.print(); cout << " " << b.isBefore(a) << " " << Time::count << endl;
    Time list[3] = {Time(1), Time(2, 5), Time()};
    for (int i = 0; i < 3; i++) { list[i].print(); cout << (i < 2 ? ", " : "\n"); }
    Time *p = &list[1];
    p->setTime(23, 59);
    (*p).print();
    cout << endl;
    return 0;
}
