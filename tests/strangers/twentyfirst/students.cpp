#include <iostream>
#include <fstream>
#include <sstream>
#include <string>
#include <vector>
#include <algorithm>
#include <numeric>
#include <iomanip>
using namespace std;

struct Pupil {
    string name;
    vector<int> marks;
    double average() const {
        if (marks.empty()) return 0;
        return accumulate(marks.begin(), marks.end(), 0.0) / marks.size();
    }
};

Pupil parse(const string& line) {
    istringstream in(line);
    Pupil p;
    getline(in, p.name, ';');
    int mark;
    while (in >> mark) p.marks.push_back(mark);
    return p;
}

char grade(double a) {
    if (a >= 9) return 'A';
    else if (a >= 7) return 'B';
    else if (a >= 5) return 'C';
    return 'D';
}

int main() {
    const char* lines[] = {"Ivy Lane;9 10 8", "Max;4 5", "Ana Bell;7 7 9 6", "Zoe;"};
    vector<Pupil> class7;
    for (const char* l : lines) class7.push_back(parse(l));
    sort(class7.begin(), class7.end(), [](const Pupil& a, const Pupil& b) {
        if (a.average() == b.average()) return a.name < b.name;
        return a.average() > b.average();
    });
    cout << fixed << setprecision(2);
    for (size_t i = 0; i < class7.size(); ++i) {
        const Pupil& p = class7[i];
        cout << setw(2) << i + 1 << ". " << left << setw(10) << p.name << right << setw(6) << p.average() << " " << grade(p.average()) << endl;
    }
    int counts[4] = {};
    for (auto& p : class7) counts[grade(p.average()) - 'A']++;
    for (int i = 0; i < 4; i++) cout << char('A' + i) << ": " << string(counts[i], '*') << "\n";
    auto best = max_element(class7.begin(), class7.end(), [](auto& a, auto& b) { return a.marks.size() < b.marks.size(); });
    cout << best->name << " has " << best->marks.size() << " marks" << endl;
    bool allPassed = all_of(class7.begin(), class7.end(), [](const Pupil& p) { return p.average() >= 4; });
    cout << (allPassed ? "all passed" : "not all passed") << endl;
    string names;
    for (const auto& p : class7) names += (names.empty() ? "" : ", ") + p.name;
    cout << names << endl;
    transform(names.begin(), names.end(), names.begin(), ::toupper);
    cout << names.substr(0, 10) << endl;
}
