#include <iostream>
#include <memory>
#include <string>
#include <vector>

class Animal {
protected:
    std::string name;
    int age;
public:
    Animal(const std::string& n, int a) : name(n), age(a) {}
    virtual ~Animal() = default;
    virtual std::string sound() const = 0;
    virtual void describe(std::ostream& os) const {
        os << name << " (" << age << ") says " << sound();
    }
    const std::string& getName() const { return name; }
    friend std::ostream& operator<<(std::ostream& os, const Animal& a) {
        a.describe(os);
        return os;
    }
};

class Hen : public Animal {
    int eggs = 0;
public:
    using Animal::Animal;
    std::string sound() const override { return "cluck"; }
    void lay(int n = 1) { eggs += n; }
    int count() const { return eggs; }
};

class Goat final : public Animal {
public:
    explicit Goat(std::string n) : Animal(std::move(n), 3) {}
    std::string sound() const override { return "meh"; }
    void describe(std::ostream& os) const override {
        Animal::describe(os);
        os << "!";
    }
};

int main() {
    std::vector<std::unique_ptr<Animal>> yard;
    yard.push_back(std::make_unique<Hen>("Bertha", 2));
    yard.push_back(std::make_unique<Goat>("Gus"));
    yard.emplace_back(new Hen("Clara", 1));
    for (const auto& a : yard)
        std::cout << *a << '\n';
    int eggs = 0;
    for (auto& a : yard) {
        if (Hen* h = dynamic_cast<Hen*>(a.get())) {
            h->lay(a->getName().size());
            eggs += h->count();
        }
    }
    std::cout << "eggs: " << eggs << std::endl;
    return 0;
}
