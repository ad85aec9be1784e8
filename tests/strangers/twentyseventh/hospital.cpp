#include <iostream>
#include <queue>
#include <vector>
#include <string>
#include <iomanip>
using namespace std;
enum Priority { LOW = 1, MEDIUM, HIGH, CRITICAL };
string toString(Priority p) {
    const char* names[] = {"", "low", "medium", "high", "critical"};
    return names[p];
}
class Patient {
    string name;
    int age;
    Priority priority;
    int arrived;
    static int counter;
public:
    Patient(const string& name, int age, Priority p) : name(name), age(age), priority(p), arrived(++counter) {}
    bool operator<(const Patient& other) const {
        if (priority == other.priority) return arrived > other.arrived;
        return priority < other.priority;
    }
    string getName() const { return name; }
    Priority getPriority() const { return priority; }
    int getAge() const { return age; }
    void raise() { if (priority < CRITICAL) priority = static_cast<Priority>(priority + 1); }
};
int Patient::counter = 0;
class Ward {
    vector<Patient> beds;
    size_t capacity;
public:
    Ward(size_t c) : capacity(c) { beds.reserve(c); }
    bool admit(Patient p) { if (beds.size() >= capacity) return false; beds.push_back(p); return true; }
    double meanAge() const { if (beds.empty()) return 0; int s = 0; for (size_t i = 0; i < beds.size(); i++) s += beds[i].getAge(); return static_cast<double>(s) / beds.size(); }
    void discharge(const string& n) { for (vector<Patient>::iterator it = beds.begin(); it != beds.end(); ++it) if (it->getName() == n) { beds.erase(it); return; } cout << "nobody called " << n << endl; }
    void print() const { int i = 0; for (const auto& b : beds) cout << setw(2) << ++i << ": " << left << setw(8) << b.getName() << right << setw(10) << toString(b.getPriority()) << endl; }
};
int main() {
    priority_queue<Patient> q;
    q.push(Patient("Mina", 30, LOW));
    q.push(Patient("Odo", 62, HIGH));
    q.push(Patient("Pia", 8, HIGH));
    q.push(Patient("Rex", 45, MEDIUM));
    Patient late("Sam", 71, MEDIUM);
    late.raise(); late.raise(); late.raise();
    q.push(late);
    Ward w(3);
    while (!q.empty()) {
        Patient p = q.top();
        q.pop();
        p.raise();
        cout << p.getName() << (w.admit(p) ? " in as " : " waits as ") << toString(p.getPriority()) << endl;
    }
    w.print();
    cout << fixed << setprecision(2) << w.meanAge() << endl;
    w.discharge("Odo"); w.discharge("Zed");
    cout << w.meanAge() << " " << late.getPriority() << endl;
}
