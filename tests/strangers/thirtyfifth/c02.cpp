#include <iostream>
#include <stdexcept>
#include <memory>
#include <vector>
#include <string>

class Animal {
protected:
    std::string name_;
public:
    explicit Animal(std::string name) : name_(std::move(name)) {}
    virtual ~Animal() { std::cout << name_ << " leaves\n"; }
    virtual std::string sound() const = 0;
    void speak() const { std::cout << name_ << " says " << sound() << '\n'; }
};

class Hen : public Animal {
public:
    using Animal::Animal;
    std::string sound() const override { return "cluck"; }
};

class Goat final : public Animal {
    int horns;
public:
    Goat(const std::string& n, int h = 2) : Animal(n), horns{h} {}
    std::string sound() const override { return std::string(horns, 'm') + "eh"; }
};

int main() {
    std::vector<std::unique_ptr<Animal>> yard;
    yard.push_back(std::make_unique<Hen>("Hilda"));
    yard.emplace_back(new Goat("Gus", 3));
    yard.push_back(std::make_unique<Goat>("Greta"));
    for (const auto& a : yard) a->speak();
    yard.pop_back();
    std::cout << yard.size() << " left\n";
    std::unique_ptr<Animal> taken = std::move(yard[0]);
    taken->speak();
    if (!yard[0]) std::cout << "empty place\n";
    taken.reset();
    std::cout << "end\n";
}
