#include <iostream>
#include <string>
#include <vector>
using namespace std;

class Employee {
protected:
    string name;
    double base;
public:
    Employee(string n, double b) : name(n), base(b) {}
    virtual ~Employee() {}
    virtual double pay() const { return base; }
    virtual string role() const { return "Employee"; }
    string getName() const { return name; }
    void raise(double percent) { base *= 1 + percent / 100; }
};

class Manager : public Employee {
    vector<Employee*> team;
public:
    Manager(string n, double b) : Employee(n, b) {}
    void add(Employee* e) { team.push_back(e); }
    double pay() const override { return Employee::pay() + 100 * team.size(); }
    string role() const override { return "Manager of " + to_string(team.size()); }
    void listTeam() const {
        for (Employee* e : team) cout << "  - " << e->getName() << ", " << e->role() << endl;
    }
};

class Gardener : public Employee {
    int hours;
public:
    Gardener(string n, double b, int h) : Employee(n, b), hours(h) {}
    double pay() const override { return base + (hours > 40 ? (hours - 40) * 20.5 : 0); }
    string role() const override { return string("Gardener"); }
};

void printAll(Employee* staff[], int n) {
    double total = 0;
    for (int i = 0; i < n; ++i) {
        cout << staff[i]->getName() << ": " << staff[i]->role() << " earns " << staff[i]->pay() << endl;
        total += staff[i]->pay();
    }
    cout << "Total " << total << endl;
}

int main() {
    Manager* boss = new Manager("Linden", 3000);
    Gardener g1("Rowan", 2000, 45);
    Gardener* g2 = new Gardener("Hazel", 1900, 38);
    boss->add(&g1);
    boss->add(g2);
    Employee* staff[] = {boss, &g1, g2, new Employee("Temp", 900.5)};
    int n = sizeof(staff) / sizeof(staff[0]);
    printAll(staff, n);
    g1.raise(10);
    staff[2]->raise(5);
    printAll(staff, n);
    boss->listTeam();
    Employee& ref = g1;
    cout << ref.role() << " " << ref.pay() << endl;
    Employee copy = g1;
    cout << copy.role() << " " << copy.pay() << endl;
    for (int i = 0; i < n; ++i) if (staff[i] != &g1) delete staff[i];
}
