#include <iostream>
#include <memory>
#include <string>
#include <vector>

class Animal {
protected:
    std::string name;
    int legs;
public:
    static int count;
    Animal(const std::string& name, int legs = 4) : name(name), legs(legs) { ++count; }
    virtual ~Animal() = default;
    virtual std::string sound() const { return "..."; }
    std::string speak() const { return name + " says " + sound(); }
    int getLegs() const { return legs; }
};

int Animal::count = 0;

class Hen : public Animal {
    std::vector<int> eggs;
public:
    explicit Hen(const std::string& name) : Animal(name, 2) {}
    std::string sound() const override { return "cluck"; }
    void lay(int weight) { eggs.push_back(weight); }
    int total() const {
        int sum = 0;
        for (int e : eggs) sum += e;
        return sum;
    }
};

class Goat : public Animal {
public:
    using Animal::Animal;
    std::string sound() const override { return "meh"; }
};

int main() {
    std::vector<std::unique_ptr<Animal>> farm;
    farm.push_back(std::make_unique<Goat>("Moss"));
    farm.push_back(std::make_unique<Hen>("Pip"));
    farm.push_back(std::make_unique<Animal>("Worm", 0));
    for (const auto& animal : farm) std::cout << animal->speak() << " on " << animal->getLegs() << "\n";
    Hen dot("Dot");
    dot.lay(50);
    dot.lay(62);
    std::cout << dot.total() << " " << Animal::count << std::endl;
}
