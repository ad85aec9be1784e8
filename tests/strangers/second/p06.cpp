#include <iostream>
#include <string>
using namespace std;
struct Date { int day, month, year; };
struct Person {
    string name;
    Date born;
    bool isAdult(const Date& today) const {
        int age = today.year - born.year;
        if (today.month < born.month || (today.month == born.month && today.day < born.day)) age--;
        return age >= 18;
    }
};
enum class Level { Low = 1, Mid, High };
string toString(Level l) {
    switch (l) {
        case Level::Low: return "low";
        case Level::Mid: return "mid";
        default: return "high";
    }
}
void birthday(Person& p) { p.born.year--; }
Date nextDay(Date d) {
    const int days[] = {31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};
    if (++d.day > days[d.month - 1]) { d.day = 1; if (++d.month > 12) { d.month = 1; d.year++; } }
    return d;
}
int main() {
    Date today = {28, 11, 2026};
    Person people[2] = {{"Hazel", {29, 11, 2008}}, {"Moss", {1, 1, 2000}}};
    for (const Person& p : people) cout << p.name << (p.isAdult(today) ? " adult" : " child") << endl;
    birthday(people[0]);
    cout << people[0].isAdult(today) << people[0].born.year << endl;
    Date d = {31, 12, 2026};
    Date e = nextDay(d);
    cout << e.day << "." << e.month << "." << e.year << " " << d.day << endl;
    Level l = Level::Mid;
    cout << toString(l) << " " << (int)l << endl;
    Person* who = &people[1];
    who->name = "Fern";
    cout << people[1].name << " " << (*who).born.month << endl;
}
