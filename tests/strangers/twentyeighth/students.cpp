#include <iostream>
#include <iomanip>
#include <vector>
#include <string>
#include <algorithm>
#include <numeric>
#include <map>
using namespace std;

struct Student {
    string name;
    vector<int> marks;
    double average() const {
        if (marks.empty()) return 0.0;
        return accumulate(marks.begin(), marks.end(), 0.0) / marks.size();
    }
};

char grade(double avg) {
    if (avg >= 90) return 'A';
    else if (avg >= 75) return 'B';
    else if (avg >= 60) return 'C';
    return 'D';
}

void printTable(const vector<Student>& list) {
    cout << left << setw(10) << "Name" << right << setw(8) << "Avg" << setw(6) << "Grade" << endl;
    cout << setfill('-') << setw(24) << "" << setfill(' ') << endl;
    for (size_t i = 0; i < list.size(); ++i) {
        cout << left << setw(10) << list[i].name << right << setw(8) << fixed << setprecision(1) << list[i].average() << setw(6) << grade(list[i].average()) << "\n";
    }
}

int main() {
    int n;
    cin >> n;
    vector<Student> students;
    for (int i = 0; i < n; i++) {
        Student s;
        int k;
        cin >> s.name >> k;
        s.marks.resize(k);
        for (int& m : s.marks) cin >> m;
        students.push_back(s);
    }
    sort(students.begin(), students.end(), [](const Student& a, const Student& b) {
        if (a.average() != b.average()) return a.average() > b.average();
        return a.name < b.name;
    });
    printTable(students);
    map<char, vector<string>> byGrade;
    for (const auto& s : students) byGrade[grade(s.average())].push_back(s.name);
    for (const auto& [g, names] : byGrade) {
        cout << g << ": ";
        for (size_t i = 0; i < names.size(); i++) {
            if (i) cout << ", ";
            cout << names[i];
        }
        cout << '\n';
    }
    auto best = max_element(students.begin(), students.end(), [](const Student& a, const Student& b) { return *max_element(a.marks.begin(), a.marks.end()) < *max_element(b.marks.begin(), b.marks.end()); });
    cout << "Highest single mark: " << best->name << endl;
    cout << count_if(students.begin(), students.end(), [](const auto& s) { return s.average() < 60; }) << " below 60" << endl;
}
