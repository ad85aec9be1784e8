#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
#include <iomanip>
using namespace std;

struct Student {
    string name;
    int id;
    vector<double> marks;
    double average() const {
        if (marks.empty()) return 0;
        double s = 0;
        for (double m : marks) s += m;
        return s / marks.size();
    }
    char grade() const {
        double a = average();
        if (a >= 90) return 'A';
        else if (a >= 75) return 'B';
        else if (a >= 60) return 'C';
        return 'F';
    }
};

class Register {
    vector<Student> students;
    static int nextId;
public:
    bool add(const string& name) {
        for (const auto& s : students)
            if (s.name == name) return false;
        students.push_back({name, nextId++, {}});
        return true;
    }
    Student* find(int id) {
        auto it = find_if(students.begin(), students.end(), [id](const Student& s) { return s.id == id; });
        return it == students.end() ? nullptr : &*it;
    }
    void print(ostream& os = cout) const {
        os << setw(4) << "id" << " " << left << setw(10) << "name" << right << setw(8) << "avg" << "  grade" << endl;
        os << string(30, '-') << endl;
        for (const Student& s : students)
            os << setw(4) << s.id << " " << left << setw(10) << s.name << right << setw(8) << fixed << setprecision(1) << s.average() << "  " << s.grade() << endl;
    }
    void sortByAverage() {
        sort(students.begin(), students.end(), [](const Student& a, const Student& b) {
            if (a.average() != b.average()) return a.average() > b.average();
            return a.name < b.name;
        });
    }
    size_t size() const { return students.size(); }
};
int Register::nextId = 100;

int main() {
    Register reg;
    string cmd;
    while (cin >> cmd && cmd != "quit") {
        if (cmd == "add") {
            string name; cin >> name;
            cout << (reg.add(name) ? "added " : "exists: ") << name << endl;
        } else if (cmd == "mark") {
            int id; double m;
            cin >> id >> m;
            if (Student* s = reg.find(id)) s->marks.push_back(m);
            else cout << "no student " << id << endl;
        } else if (cmd == "print") {
            reg.print();
        } else if (cmd == "sort") {
            reg.sortByAverage();
        } else {
            string rest;
            getline(cin, rest);
            cout << "? " << cmd << rest << endl;
        }
    }
    cout << reg.size() << " students" << endl;
}
