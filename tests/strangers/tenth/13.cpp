#include <iostream>
#include <vector>
#include <string>
#include <iomanip>

class Employee {
protected:
    std::string name;
    double baseSalary;
    static int count;

public:
    Employee(const std::string& n, double s) : name{n}, baseSalary{s} { ++count; }
    virtual ~Employee() { --count; }
    virtual double salary() const { return baseSalary; }
    virtual std::string title() const { return "Employee"; }
    const std::string& getName() const { return name; }
    static int getCount() { return count; }
    bool operator>(const Employee& other) const { return salary() > other.salary(); }
    friend std::ostream& operator<<(std::ostream& os, const Employee& e);
};

int Employee::count = 0;

std::ostream& operator<<(std::ostream& os, const Employee& e) {
    return os << e.title() << " " << e.name << ": " << std::fixed << std::setprecision(2) << e.salary();
}

class Manager : public Employee {
    double bonus;
    std::vector<Employee*> team;

public:
    Manager(const std::string& n, double s, double b) : Employee(n, s), bonus(b) {}
    void add(Employee* e) { team.push_back(e); }
    double salary() const override { return Employee::salary() + bonus * team.size(); }
    std::string title() const override { return "Manager"; }
    void listTeam() const {
        for (const auto* e : team) std::cout << "  - " << *e << '\n';
    }
};

class Intern final : public Employee {
public:
    using Employee::Employee;
    double salary() const override { return baseSalary / 2; }
    std::string title() const override { return "Intern"; }
};

int main() {
    Employee a("Rowan", 2000);
    Intern b("Ivy", 1500.5);
    Manager m("Juniper", 3000, 250);
    m.add(&a);
    m.add(&b);
    std::cout << m << std::endl;
    m.listTeam();
    std::vector<Employee*> all{&a, &b, &m};
    double total = 0;
    Employee* best = all[0];
    for (Employee* e : all) {
        total += e->salary();
        if (*e > *best) best = e;
    }
    std::cout << "total " << total << ", best " << best->getName() << ", count " << Employee::getCount() << '\n';
    {
        Employee temp("Temp", 1);
        std::cout << Employee::getCount() << '\n';
    }
    std::cout << Employee::getCount() << '\n';
}
