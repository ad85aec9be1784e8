#include <iostream>
#include <fstream>
#include <sstream>
#include <string>
#include <vector>
#include <memory>
#include <stdexcept>
#include <cmath>
#include <iomanip>
class Employee {
public:
    Employee(std::string name, int id) : name_(std::move(name)), id_(id) {}
    virtual ~Employee() {}
    virtual double pay() const = 0;
    virtual std::string kind() const { return "employee"; }
    const std::string& name() const { return name_; }
    int id() const { return id_; }
    friend std::ostream& operator<<(std::ostream& os, const Employee& e) {
        return os << std::setw(3) << std::setfill('0') << e.id_ << std::setfill(' ') << ' ' << std::left << std::setw(7) << e.name_ << std::right << std::fixed << std::setprecision(2) << std::setw(9) << e.pay() << ' ' << e.kind();
    }
private:
    std::string name_;
    int id_;
};
class Salaried : public Employee {
    double yearly;
public:
    Salaried(const std::string& n, int id, double y) : Employee(n, id), yearly(y) {}
    double pay() const override { return yearly / 12; }
    std::string kind() const override { return "salaried " + Employee::kind(); }
};
class Hourly : public Employee {
protected:
    double rate; int hours;
public:
    Hourly(const std::string& n, int id, double r, int h) : Employee(n, id), rate(r), hours(h) { if (h < 0 || h > 744) throw std::out_of_range("hours: " + std::to_string(h)); }
    double pay() const override { int over = hours > 160 ? hours - 160 : 0; return rate * (hours - over) + 1.5 * rate * over; }
    std::string kind() const override { return "hourly"; }
};
class Boss : public Salaried {
    std::vector<const Employee*> team;
public:
    using Salaried::Salaried;
    void lead(const Employee* e) { team.push_back(e); }
    double pay() const override { return Salaried::pay() + 10 * team.size(); }
    std::string kind() const override { return "boss of " + std::to_string(team.size()); }
};
std::unique_ptr<Employee> parse(const std::string& line) {
    std::istringstream in(line);
    char type; int id; std::string name;
    if (!(in >> type >> id >> name)) throw std::invalid_argument("bad line: " + line);
    double a; int b;
    switch (type) {
        case 'S': in >> a; return std::make_unique<Salaried>(name, id, a);
        case 'H': in >> a >> b; return std::make_unique<Hourly>(name, id, a, b);
        default: throw std::invalid_argument(std::string("type ") + type);
    }
}
int main() {
    std::vector<std::unique_ptr<Employee>> staff;
    for (const char* line : {"S 7 Mina 24000", "H 12 Odo 10.5 170", "X 1 Who 2", "H 3 Pia 9 900", "S seven", "H 4 Rex 8 20"}) {
        try { staff.push_back(parse(line)); }
        catch (const std::out_of_range& e) { std::cout << "range: " << e.what() << '\n'; }
        catch (const std::exception& e) { std::cout << e.what() << '\n'; }
    }
    auto boss = std::make_unique<Boss>("Linden", 99, 36000);
    for (const auto& e : staff) boss->lead(e.get());
    staff.push_back(std::move(boss));
    double total = 0;
    for (const auto& e : staff) { std::cout << *e << '\n'; total += e->pay(); }
    std::cout << total << ' ' << std::round(total) << ' ' << staff.size() << '\n';
    const Employee* top = staff[0].get();
    for (const auto& e : staff) if (e->pay() > top->pay()) top = e.get();
    std::cout << top->name() << std::endl;
}
