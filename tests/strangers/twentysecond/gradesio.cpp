#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
#include <limits>
#include <algorithm>
using namespace std;

const int MAX_STUDENTS = 50;
const double PASS = 50.0;

struct Student {
    string name;
    vector<int> marks;
    double average() const {
        if (marks.empty()) return 0;
        double s = 0;
        for (int m : marks) s += m;
        return s / marks.size();
    }
};

int readInt(const string& prompt, int lo, int hi) {
    int n;
    while (true) {
        cout << prompt;
        if (cin >> n && n >= lo && n <= hi) break;
        if (cin.eof()) return lo;
        cout << "Please enter a number from " << lo << " to " << hi << ".\n";
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
    }
    cin.ignore(1000, '\n');
    return n;
}

void menu() {
    cout << "\n1) Add student\n2) Show all\n3) Statistics\n4) Quit\n";
}

int main() {
    vector<Student> students;
    int choice;
    do {
        menu();
        choice = readInt("Choice: ", 1, 4);
        switch (choice) {
        case 1: {
            if ((int)students.size() >= MAX_STUDENTS) { cout << "Full!\n"; break; }
            Student s;
            cout << "Name: ";
            getline(cin, s.name);
            int count = readInt("How many marks? ", 0, 5);
            for (int i = 0; i < count; i++)
                s.marks.push_back(readInt("  Mark " + to_string(i + 1) + ": ", 0, 100));
            students.push_back(s);
            break;
        }
        case 2:
            if (students.empty()) {
                cout << "Nobody yet.\n";
            } else {
                cout << left << setw(15) << "Name" << right << setw(8) << "Average" << "\n" << setfill('-') << setw(23) << "" << setfill(' ') << "\n";
                for (const Student& s : students)
                    cout << left << setw(15) << s.name << right << setw(8) << fixed << setprecision(1) << s.average() << (s.average() >= PASS ? "" : " *") << "\n";
            }
            break;
        case 3: {
            if (students.empty()) break;
            auto best = max_element(students.begin(), students.end(), [](const Student& a, const Student& b) { return a.average() < b.average(); });
            int passed = count_if(students.begin(), students.end(), [](const Student& s) { return s.average() >= PASS; });
            cout << "Best: " << best->name << " (#" << best - students.begin() + 1 << ")\n";
            cout << "Passed: " << passed << "/" << students.size() << " = " << 100.0 * passed / students.size() << "%\n";
            vector<int> all;
            for (auto& s : students) all.insert(all.end(), s.marks.begin(), s.marks.end());
            sort(all.rbegin(), all.rend());
            cout << "Marks:";
            for (auto it = all.cbegin(); it != all.cend(); ++it) cout << ' ' << *it;
            cout << '\n';
            break;
        }
        }
    } while (choice != 4);
    cout << "Goodbye!" << endl;
}
