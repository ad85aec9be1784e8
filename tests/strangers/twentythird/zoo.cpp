#include <iostream>
#include <memory>
#include <string>
#include <vector>
#include <cmath>

class Animal {
public:
    explicit Animal(std::string name, int age = 1) : name_(std::move(name)), age_(age) { ++count_; }
    virtual ~Animal() { --count_; }
    virtual std::string sound() const = 0;
    virtual int legs() const { return 4; }
    void birthday() { ++age_; }
    const std::string& name() const { return name_; }
    int age() const { return age_; }
    static int count() { return count_; }
    virtual void describe(std::ostream& out) const {
        out << name_ << " (" << age_ << ") says " << sound() << " on " << legs() << " legs";
    }
protected:
    std::string name_;
private:
    int age_;
    static int count_;
};
int Animal::count_ = 0;

class Goat : public Animal {
public:
    using Animal::Animal;
    std::string sound() const override { return "meh"; }
};

class Hen final : public Animal {
    int eggs_ = 0;
public:
    Hen(const std::string& name, int eggs) : Animal(name, 2), eggs_(eggs) {}
    std::string sound() const override { return "cluck"; }
    int legs() const override { return 2; }
    void describe(std::ostream& out) const override {
        Animal::describe(out);
        out << " and has " << eggs_ << (eggs_ == 1 ? " egg" : " eggs");
    }
    Hen& lay(int n = 1) { eggs_ += n; return *this; }
    int eggs() const { return eggs_; }
};

class Robot : public Animal {
public:
    Robot() : Animal("R-" + std::to_string(count() + 1)) {}
    std::string sound() const override { return std::string(3, 'b') + "zz"; }
    int legs() const override { return 0; }
};

std::ostream& operator<<(std::ostream& out, const Animal& a) {
    a.describe(out);
    return out;
}

void meet(const Animal& one, const Animal& two) {
    std::cout << one.name() << " meets " << two.name() << ": " << one.sound() << "! " << two.sound() << "!\n";
}

int main() {
    std::vector<std::unique_ptr<Animal>> farm;
    farm.push_back(std::make_unique<Goat>("Bramble", 3));
    farm.push_back(std::make_unique<Hen>("Peck", 0));
    farm.emplace_back(new Robot());
    for (const auto& a : farm) std::cout << *a << '\n';
    meet(*farm[0], *farm[1]);
    int legs = 0;
    for (auto& a : farm) {
        legs += a->legs();
        a->birthday();
        if (auto* hen = dynamic_cast<Hen*>(a.get())) {
            hen->lay(2).lay();
            std::cout << hen->name() << " now has " << hen->eggs() << '\n';
        }
    }
    std::cout << legs << " legs, " << Animal::count() << " animals\n";
    std::unique_ptr<Animal> moved = std::move(farm.back());
    farm.pop_back();
    std::cout << moved->name() << ' ' << moved->age() << ' ' << farm.size() << '\n';
    moved.reset();
    std::cout << (moved ? "there" : "gone") << ' ' << Animal::count() << '\n';
    {
        Goat temp{"Temp"};
        Animal& ref = temp;
        std::cout << ref << ' ' << Animal::count() << '\n';
    }
    std::cout << Animal::count() << std::endl;
    auto shared = std::make_shared<Hen>("Dot", 1);
    auto other = shared;
    other->lay();
    std::cout << shared->eggs() << ' ' << shared.use_count() << ' ' << *shared << std::endl;
    farm.clear();
    std::cout << Animal::count() << std::endl;
    return 0;
}
