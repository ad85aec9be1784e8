#include <iostream>
#include <string>
using namespace std;

class Employee {
private:
    int id;
    string name;
    double salary;
    Employee *manager;
public:
    Employee(int id = 0, string name = "", double salary = 0) {
        this->id = id;
        this->name = name;
        this->salary = salary;
        manager = nullptr;
    }
    void setManager(Employee *m) { manager = m; }
    Employee* getManager() const { return manager; }
    string getName() const { return name; }
    double getSalary() const { return salary; }
    virtual double bonus() const { return salary * 0.05; }
    friend void raise(Employee &e, double percent);
    friend ostream &operator<<(ostream &out, const Employee &e);
    friend bool operator<(const Employee &a, const Employee &b) { return a.salary < b.salary; }
};

void raise(Employee &e, double percent) {
    e.salary += e.salary * percent / 100;
}

ostream &operator<<(ostream &out, const Employee &e) {
    out << "#" << e.id << " " << e.name << " " << e.salary;
    if (e.manager != nullptr) out << " (reports to " << e.manager->getName() << ")";
    return out;
}

class Manager : public Employee {
    int team;
public:
    Manager(int id, string name, double salary, int team) : Employee(id, name, salary) {
        this->team = team;
    }
    double bonus() const override { return Employee::bonus() + team * 100; }
};

int main() {
    Manager boss(1, "Rowan", 4000, 3);
    Employee a(2, "Ash", 2500), b(3, "Elm", 2600);
    Employee nobody;
    a.setManager(&boss);
    b.setManager(&boss);
    raise(a, 10);
    cout << boss << endl << a << endl << b << endl << nobody << endl;
    cout << (a < b ? a : b).getName() << " earns less" << endl;
    Employee *all[] = {&boss, &a, &b};
    double total = 0;
    for (int i = 0; i < 3; i++) {
        total += all[i]->bonus();
        cout << all[i]->getName() << ": " << all[i]->bonus() << endl;
    }
    cout << "Total bonus " << total << endl;
    return 0;
}
