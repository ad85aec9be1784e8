#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
#include <iomanip>
#include <map>
#include <numeric>
using namespace std;

struct Pupil {
    string name;
    int year;
    vector<int> marks;

    double average() const {
        if (marks.empty()) return 0;
        return accumulate(marks.begin(), marks.end(), 0.0) / marks.size();
    }
};

char grade(double avg) {
    if (avg >= 80) return 'A';
    else if (avg >= 65) return 'B';
    else if (avg >= 50) return 'C';
    return 'F';
}

bool byAverage(const Pupil& a, const Pupil& b) {
    return a.average() > b.average();
}

void printTable(const vector<Pupil>& pupils) {
    cout << left << setw(12) << "Name" << right << setw(6) << "Year" << setw(10) << "Average" << setw(7) << "Grade" << endl;
    cout << string(35, '-') << endl;
    for (const auto& p : pupils) {
        cout << left << setw(12) << p.name << right << setw(6) << p.year
             << setw(10) << fixed << setprecision(2) << p.average()
             << setw(7) << grade(p.average()) << '\n';
    }
}

int main() {
    vector<Pupil> pupils = {
        {"Rowan", 7, {55, 71, 90}},
        {"Tansy", 8, {92, 95, 99}},
        {"Ash", 7, {}},
        {"Bryony", 9, {61, 64, 70, 81}},
    };
    pupils.push_back({"Sorrel", 8, {45, 52}});
    pupils.emplace_back(Pupil{"Clover", 9, {77}});

    sort(pupils.begin(), pupils.end(), byAverage);
    printTable(pupils);

    map<int, vector<string>> byYear;
    for (const Pupil& p : pupils) byYear[p.year].push_back(p.name);
    for (auto& [year, names] : byYear) {
        sort(names.begin(), names.end());
        cout << "Year " << year << ":";
        for (size_t i = 0; i < names.size(); ++i)
            cout << (i ? ", " : " ") << names[i];
        cout << endl;
    }

    auto best = max_element(pupils.begin(), pupils.end(), [](const Pupil& a, const Pupil& b) { return a.average() < b.average(); });
    if (best != pupils.end()) cout << "Best: " << best->name << " (" << best->average() << ")\n";

    int passed = count_if(pupils.begin(), pupils.end(), [](const Pupil& p) { return p.average() >= 50; });
    cout << passed << " of " << pupils.size() << " passed\n";

    auto it = find_if(pupils.begin(), pupils.end(), [](const auto& p) { return p.marks.empty(); });
    if (it != pupils.end()) {
        cout << it->name << " has no marks, at " << distance(pupils.begin(), it) << endl;
        pupils.erase(it);
    }
    pupils.erase(remove_if(pupils.begin(), pupils.end(), [](const Pupil& p) { return grade(p.average()) == 'F'; }), pupils.end());
    cout << pupils.size() << " left" << endl;
    map<char, int> tally;
    for (auto& p : pupils) tally[grade(p.average())]++;
    for (auto t : tally) cout << t.first << " " << string(t.second, '#') << "\n";
    return 0;
}
