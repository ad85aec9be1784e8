#include <iostream>
#include <string>
using namespace std;

class Time {
private:
    int hours;
    int minutes;
    int seconds;
public:
    Time(int h, int m, int s);
    Time(int totalSeconds);
    Time();
    void tick();
    int toSeconds() const;
    friend ostream& operator<<(ostream& os, const Time& t);
    Time operator+(const Time& t) const;
    Time& operator++();
    bool operator>(const Time& t) const;
};

Time::Time(int h, int m, int s) : hours(h), minutes(m), seconds(s) {}

Time::Time(int totalSeconds) {
    hours = totalSeconds / 3600 % 24;
    minutes = totalSeconds / 60 % 60;
    seconds = totalSeconds % 60;
}

Time::Time() : Time(0, 0, 0) {}

void Time::tick() {
    seconds++;
    if (seconds == 60) {
        seconds = 0;
        minutes++;
        if (minutes == 60) {
            minutes = 0;
            hours = (hours + 1) % 24;
        }
    }
}

int Time::toSeconds() const {
    return hours * 3600 + minutes * 60 + seconds;
}

ostream& operator<<(ostream& os, const Time& t) {
    if (t.hours < 10) os << "0";
    os << t.hours << ":";
    if (t.minutes < 10) os << "0";
    os << t.minutes << ":";
    if (t.seconds < 10) os << "0";
    os << t.seconds;
    return os;
}

Time Time::operator+(const Time& t) const {
    return Time(toSeconds() + t.toSeconds());
}

Time& Time::operator++() {
    tick();
    return *this;
}

bool Time::operator>(const Time& t) const {
    return toSeconds() > t.toSeconds();
}

int main() {
    Time lunch(12, 59, 58);
    Time walk(3725);
    Time zero;
    cout << lunch << " " << walk << " " << zero << endl;
    for (int i = 0; i < 4; i++) {
        ++lunch;
        cout << lunch << endl;
    }
    Time end = lunch + walk;
    cout << "End: " << end << endl;
    if (end > lunch) cout << "later" << endl;
    return 0;
}
