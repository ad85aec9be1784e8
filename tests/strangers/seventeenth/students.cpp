#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
#include <iomanip>
#include <numeric>

using namespace std;

struct Student {
    string name;
    int age;
    vector<int> marks;
};

double average(const Student &s) {
    if (s.marks.empty()) return 0.0;
    int sum = accumulate(s.marks.begin(), s.marks.end(), 0);
    return static_cast<double>(sum) / s.marks.size();
}

char grade(double avg) {
    if (avg >= 90) return 'A';
    else if (avg >= 75) return 'B';
    else if (avg >= 50) return 'C';
    return 'F';
}

void printTable(const vector<Student> &list) {
    cout << setw(3) << "#" << "  " << left << setw(12) << "Name" << right << setw(4) << "Age" << setw(9) << "Average" << setw(7) << "Grade" << endl;
    cout << string(37, '=') << endl;
    for (size_t i = 0; i < list.size(); i++) {
        double avg = average(list[i]);
        cout << setw(3) << i + 1 << "  " << left << setw(12) << list[i].name << right << setw(4) << list[i].age << setw(9) << fixed << setprecision(1) << avg << setw(7) << grade(avg) << endl;
    }
}

int main() {
    vector<Student> students = {
        {"Ash", 12, {88, 92, 95}},
        {"Bryony", 13, {70, 65}},
        {"Clover", 12, {}},
        {"Dill", 14, {100, 45, 80, 77}}
    };
    printTable(students);
    sort(students.begin(), students.end(), [](const Student &a, const Student &b) {
        return average(a) > average(b);
    });
    cout << "\nBest: " << students[0].name << endl;
    auto it = find_if(students.begin(), students.end(), [](const Student &s) { return s.marks.empty(); });
    if (it != students.end()) {
        cout << "No marks: " << it->name << endl;
        students.erase(it);
    }
    int young = count_if(students.begin(), students.end(), [](const Student &s) { return s.age < 13; });
    cout << "Under 13: " << young << ", left: " << students.size() << endl;
    Student extra;
    extra.name = "Elder";
    extra.age = 15;
    for (int m = 60; m <= 80; m += 10) extra.marks.push_back(m);
    students.insert(students.begin() + 1, extra);
    for (auto &s : students) {
        for (auto &m : s.marks) m = min(100, m + 5);
    }
    printTable(students);
    int oldest = students[0].age;
    string who;
    for (const auto &s : students)
        if (s.age >= oldest) { oldest = s.age; who = s.name; }
    cout << who << " is " << oldest << endl;
    return 0;
}
