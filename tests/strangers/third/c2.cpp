#include <iostream>
#include <memory>
#include <string>
#include <vector>

class Animal {
public:
    explicit Animal(std::string name) : name_(std::move(name)) {}
    virtual ~Animal() = default;
    virtual std::string sound() const = 0;
    void speak() const { std::cout << name_ << " says " << sound() << "\n"; }
protected:
    std::string name_;
};

class Hen : public Animal {
public:
    using Animal::Animal;
    std::string sound() const override { return "cluck"; }
};

class Cat : public Animal {
    int lives = 9;
public:
    Cat(const std::string& name, int lives) : Animal(name), lives(lives) {}
    std::string sound() const override { return "miaow x" + std::to_string(lives); }
};

int main() {
    std::vector<std::unique_ptr<Animal>> yard;
    yard.push_back(std::make_unique<Hen>("Dot"));
    yard.push_back(std::make_unique<Cat>("Tom", 7));
    for (const auto& a : yard) a->speak();
    return 0;
}
