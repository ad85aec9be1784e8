#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;

struct Student {
    string name;
    int scores[3];
    double average() const {
        double s = 0;
        for (int i = 0; i < 3; i++) s += scores[i];
        return s / 3;
    }
};

bool better(const Student& a, const Student& b) { return a.average() > b.average(); }

char grade(double avg) {
    if (avg >= 90) return 'A';
    else if (avg >= 80) return 'B';
    else if (avg >= 70) return 'C';
    return 'F';
}

int main() {
    int n;
    cin >> n;
    vector<Student> all(n);
    for (auto& s : all) {
        cin >> s.name;
        for (int& x : s.scores) cin >> x;
    }
    sort(all.begin(), all.end(), better);
    cout << left << setw(10) << "Name" << right << setw(8) << "Average" << setw(6) << "Mark" << endl;
    cout << string(24, '-') << '\n';
    cout << fixed << setprecision(2);
    for (const Student& s : all)
        cout << left << setw(10) << s.name << right << setw(8) << s.average() << setw(6) << grade(s.average()) << endl;
    int best[3] = {};
    for (const auto& s : all) for (int i = 0; i < 3; ++i) best[i] = max(best[i], s.scores[i]);
    cout << "Best: ";
    for (int b : best) cout << b << ' ';
    cout << endl;
    return 0;
}
