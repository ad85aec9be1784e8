#include <iostream>
#include <map>
#include <set>
#include <string>
#include <vector>
#include <algorithm>
#include <sstream>
using namespace std;
struct Lesson {
    string subject, teacher, room;
    int day, hour;
    bool clashes(const Lesson& o) const { return day == o.day && hour == o.hour && (teacher == o.teacher || room == o.room); }
};
istream& operator>>(istream& in, Lesson& l) {
    string day;
    if (in >> l.subject >> l.teacher >> l.room >> day >> l.hour) {
        static const vector<string> days = {"mon", "tue", "wed", "thu", "fri"};
        auto it = find(days.begin(), days.end(), day);
        l.day = it == days.end() ? -1 : it - days.begin();
    }
    return in;
}
ostream& operator<<(ostream& out, const Lesson& l) { return out << l.subject << "@" << l.room << " d" << l.day << "h" << l.hour; }
int main() {
    vector<Lesson> all;
    Lesson l;
    int rejected = 0;
    while (cin >> l) {
        if (l.day < 0) { cout << "which day? " << l << endl; ++rejected; continue; }
        auto clash = find_if(all.begin(), all.end(), [&l](const Lesson& o) { return l.clashes(o); });
        if (clash != all.end()) { cout << l << " clashes with " << *clash << endl; ++rejected; }
        else all.push_back(l);
    }
    map<string, map<int, vector<int>>> perTeacher;
    map<string, int> load;
    for (const Lesson& x : all) {
        perTeacher[x.teacher][x.day].push_back(x.hour);
        load[x.teacher]++;
    }
    for (auto& t : perTeacher) {
        cout << t.first << " (" << load[t.first] << "):";
        for (auto& d : t.second) {
            sort(d.second.begin(), d.second.end());
            cout << " " << d.first << "[";
            for (size_t i = 0; i < d.second.size(); ++i) cout << (i ? "," : "") << d.second[i];
            cout << "]";
            int gaps = 0;
            for (size_t i = 1; i < d.second.size(); ++i) gaps += d.second[i] - d.second[i - 1] - 1;
            if (gaps) cout << "+" << gaps;
        }
        cout << endl;
    }
    sort(all.begin(), all.end(), [](const Lesson& a, const Lesson& b) { return a.day != b.day ? a.day < b.day : a.hour < b.hour; });
    int day = -1;
    for (auto& x : all) {
        if (x.day != day) { cout << "-- day " << (day = x.day) << endl; }
        cout << "  " << x << endl;
    }
    auto busiest = max_element(load.begin(), load.end(), [](const pair<const string, int>& a, const pair<const string, int>& b) { return a.second < b.second; });
    cout << busiest->first << " " << rejected << endl;
}
