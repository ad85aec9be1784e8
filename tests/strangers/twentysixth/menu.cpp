#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
#include <algorithm>
#include <limits>
using namespace std;

struct Student {
    string name;
    int year;
    double marks[3];
    double average() const {
        double s = 0;
        for (double m : marks) s += m;
        return s / 3;
    }
};

void printLine(char c = '-', int n = 30) {
    for (int i = 0; i < n; ++i) cout << c;
    cout << endl;
}

int readInt(const string& prompt, int low, int high) {
    int value;
    while (true) {
        cout << prompt;
        if (cin >> value && value >= low && value <= high) return value;
        if (cin.eof()) { cout << "(end)\n"; exit(1); }
        cout << "Between " << low << " and " << high << " please.\n";
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
    }
}

bool byAverage(const Student& a, const Student& b) { return a.average() > b.average(); }

int main() {
    vector<Student> all;
    int choice;
    do {
        printLine();
        cout << "1 add  2 list  3 best  0 end\n";
        choice = readInt("Choice: ", 0, 3);
        switch (choice) {
            case 1: {
                Student s;
                cout << "Name: ";
                cin.ignore();
                getline(cin, s.name);
                s.year = readInt("Year: ", 7, 13);
                for (int i = 0; i < 3; i++) {
                    cout << "Mark " << i + 1 << ": ";
                    cin >> s.marks[i];
                }
                all.push_back(s);
                break;
            }
            case 2:
                printLine('=', 20);
                cout << left << setw(12) << "Name" << right << setw(4) << "Yr" << setw(8) << "Avg" << endl;
                for (size_t i = 0; i < all.size(); ++i)
                    cout << left << setw(12) << all[i].name << right << setw(4) << all[i].year
                         << setw(8) << fixed << setprecision(1) << all[i].average() << endl;
                break;
            case 3:
                if (all.empty()) { cout << "Nobody yet.\n"; break; }
                sort(all.begin(), all.end(), byAverage);
                cout << "Best: " << all.front().name << " with " << all[0].average() << endl;
                break;
            default:
                cout << "Goodbye!" << endl;
        }
    } while (choice != 0);
    return 0;
}
