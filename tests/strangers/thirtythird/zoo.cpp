#include <iostream>
#include <memory>
#include <string>
#include <vector>
#include <map>

class Animal {
protected:
    std::string name;
    int age;
    static int alive;

public:
    Animal(std::string n, int a) : name(std::move(n)), age(a) { ++alive; }
    virtual ~Animal() { --alive; }
    virtual std::string sound() const = 0;
    virtual double food() const { return age * 0.5; }
    const std::string& getName() const { return name; }
    static int count() { return alive; }
    friend std::ostream& operator<<(std::ostream& out, const Animal& a);
};

int Animal::alive = 0;

std::ostream& operator<<(std::ostream& out, const Animal& a) {
    return out << a.name << " (" << a.age << ") says " << a.sound();
}

class Hen final : public Animal {
    int eggs = 0;

public:
    using Animal::Animal;
    std::string sound() const override { return "cluck"; }
    int lay() { return ++eggs; }
};

class Goat : public Animal {
public:
    Goat(const std::string& n) : Animal(n, 3) {}
    std::string sound() const override { return "meh"; }
    double food() const override { return Animal::food() + 2; }
};

void feed(const std::vector<std::unique_ptr<Animal>>& all, std::map<std::string, double>& eaten) {
    for (const auto& animal : all) {
        eaten[animal->getName()] += animal->food();
    }
}

int main() {
    {
        std::vector<std::unique_ptr<Animal>> all;
        all.push_back(std::make_unique<Hen>("Berta", 2));
        all.emplace_back(new Goat("Gus"));
        all.push_back(std::make_unique<Hen>("Clara", 1));
        for (auto& a : all) std::cout << *a << std::endl;
        std::cout << Animal::count() << " animals\n";
        std::map<std::string, double> eaten;
        feed(all, eaten);
        feed(all, eaten);
        for (auto& [name, kilos] : eaten) std::cout << name << ": " << kilos << '\n';
        for (auto& a : all) {
            if (auto* hen = dynamic_cast<Hen*>(a.get())) {
                hen->lay();
                std::cout << hen->getName() << " laid " << hen->lay() << "\n";
            }
        }
        all.erase(all.begin() + 1);
        std::cout << Animal::count() << "\n";
        Animal* first = all.front().get();
        std::cout << first->sound() << " " << all.size() << "\n";
    }
    std::cout << "left: " << Animal::count() << std::endl;
    return 0;
}
