#include <iostream>
#include <vector>
#include <string>
#include <iomanip>
using namespace std;
struct Student { string name; vector<int> grades; };
double average(const vector<int>& v) { if (v.empty()) return 0; double sum = 0; for (int x : v) sum += x; return sum / v.size(); }
int main() {
    vector<Student> students = {{"Wren", {90, 80}}, {"Alder", {70}}, {"Hazel", {}}};
    students[2].grades.push_back(65);
    for (const auto& s : students) cout << left << setw(8) << s.name << right << setw(6) << fixed << setprecision(1) << average(s.grades) << endl;
    Student* best = &students[0];
    for (auto& s : students) if (average(s.grades) > average(best->grades)) best = &s;
    cout << best->name << " " << (*best).grades.size() << endl;
}
