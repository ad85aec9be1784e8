#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;

struct Student {
    string name;
    vector<int> marks;
    double average() const {
        if (marks.empty()) return 0.0;
        double sum = 0;
        for (int m : marks) sum += m;
        return sum / marks.size();
    }
};

char gradeFor(double avg) {
    if (avg >= 80) return 'A';
    if (avg >= 70) return 'B';
    if (avg >= 60) return 'C';
    return 'F';
}

int main() {
    vector<Student> students = {
        {"Rowan", {70, 85, 91}},
        {"Sorrel", {45, 60, 77}},
        {"Tansy", {}},
    };
    students.push_back({"Linden", {88, 90, 79}});
    sort(students.begin(), students.end(), [](const Student& a, const Student& b) {
        return a.average() > b.average();
    });
    cout << left << setw(10) << "Name" << right << setw(8) << "Avg" << setw(6) << "Grade" << endl;
    cout << string(24, '-') << endl;
    cout << fixed << setprecision(1);
    for (const auto& s : students) {
        cout << left << setw(10) << s.name << right << setw(8) << s.average() << setw(6) << gradeFor(s.average()) << '\n';
    }
    int count = count_if(students.begin(), students.end(), [](const Student& s) { return s.average() >= 70; });
    cout << count << " passed with B or better" << endl;
    auto it = find_if(students.begin(), students.end(), [](const Student& s) { return s.marks.empty(); });
    if (it != students.end()) cout << it->name << " has no marks" << endl;
    return 0;
}
