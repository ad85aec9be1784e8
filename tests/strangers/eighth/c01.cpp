#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
#include <iomanip>
using namespace std;

struct Student {
    string name;
    vector<int> marks;
    double average() const {
        if (marks.empty()) return 0;
        double sum = 0;
        for (int m : marks) sum += m;
        return sum / marks.size();
    }
};

char grade(double avg) {
    if (avg >= 80) return 'A';
    else if (avg >= 60) return 'B';
    return 'C';
}

int main() {
    int n;
    cout << "How many? ";
    cin >> n;
    vector<Student> all(n);
    for (auto &s : all) {
        int k;
        cin >> s.name >> k;
        s.marks.resize(k);
        for (int i = 0; i < k; ++i) cin >> s.marks[i];
    }
    sort(all.begin(), all.end(), [](const Student &a, const Student &b) { return a.average() > b.average(); });
    cout << left << setw(10) << "Name" << right << setw(8) << "Mean" << setw(6) << "Mark" << '\n';
    cout << string(24, '=') << '\n' << fixed << setprecision(1);
    for (const auto &s : all)
        cout << left << setw(10) << s.name << right << setw(8) << s.average() << setw(6) << grade(s.average()) << '\n';
    auto it = max_element(all.begin(), all.end(), [](auto &a, auto &b) { return a.marks.size() < b.marks.size(); });
    cout << it->name << " has most marks: " << it->marks.size() << endl;
    return 0;
}
