#include <iostream>
#include <string>
#include <vector>
#include <numeric>
#include <algorithm>
using namespace std;

struct Pupil {
    string name;
    vector<int> points;
};

string toWord(double points) {
    if (points >= 90) return "excellent";
    else if (points >= 75) return "good";
    else if (points >= 50) return "fair";
    return "try again";
}

int main() {
    vector<Pupil> pupils = {
        {"Hazel", {90, 95, 88}},
        {"Linden", {70, 85, 77}},
        {"Sorrel", {40, 52}},
        {"Moss", {}},
    };
    for (const Pupil& p : pupils) {
        if (p.points.empty()) {
            cout << p.name << ": nothing handed in\n";
            continue;
        }
        double mean = accumulate(p.points.begin(), p.points.end(), 0) / (double)p.points.size();
        cout << p.name << ": " << mean << " (" << toWord(mean) << "), best "
             << *max_element(p.points.begin(), p.points.end()) << "\n";
    }
    sort(pupils.begin(), pupils.end(), [](const Pupil& a, const Pupil& b) {
        return a.points.size() < b.points.size();
    });
    for (auto& p : pupils) cout << p.name << " ";
    cout << endl;
}
