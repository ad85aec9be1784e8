#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
#include <numeric>
#include <sstream>
#include <iomanip>
using namespace std;

struct Student {
    string name;
    vector<int> marks;
    double average() const {
        if (marks.empty()) return 0;
        return accumulate(marks.begin(), marks.end(), 0.0) / marks.size();
    }
};

bool byAverage(const Student &a, const Student &b) {
    if (a.average() != b.average())
        return a.average() > b.average();
    return a.name < b.name;
}

int main() {
    int n;
    cin >> n;
    cin.ignore();
    vector<Student> students;
    for (int i = 0; i < n; i++) {
        string line;
        getline(cin, line);
        istringstream in(line);
        Student s;
        in >> s.name;
        int m;
        while (in >> m) s.marks.push_back(m);
        students.push_back(s);
    }
    sort(students.begin(), students.end(), byAverage);
    cout << "+" << string(12, '-') << "+" << string(8, '-') << "+" << endl;
    for (const Student &s : students) {
        cout << "| " << left << setw(11) << s.name << "|" << right << setw(7) << fixed << setprecision(2) << s.average() << " |" << endl;
    }
    cout << setfill('-') << "+" << setw(13) << "+" << setw(9) << "+" << setfill(' ') << endl;
    auto best = max_element(students.begin(), students.end(), [](const Student &a, const Student &b) {
        return a.marks.size() < b.marks.size();
    });
    cout << best->name << " has " << best->marks.size() << " marks" << endl;
    auto it = find_if(students.begin(), students.end(), [](const Student &s) { return s.marks.empty(); });
    if (it != students.end()) cout << it->name << " has none (place " << it - students.begin() + 1 << ")" << endl;
    int good = count_if(students.begin(), students.end(), [](const auto &s) { return s.average() >= 2; });
    cout << good << " good" << endl;
    students.erase(remove_if(students.begin(), students.end(), [](const Student &s) { return s.marks.empty(); }), students.end());
    cout << students.size() << " left, first " << students.front().name << ", last " << students.back().name << endl;
    int hist[7] = {0};
    for (auto &s : students)
        for (int m : s.marks)
            if (m >= 1 && m <= 6) hist[m]++;
    for (int i = 1; i <= 6; ++i) cout << i << ": " << string(hist[i], '*') << '\n';
    return 0;
}
