#include <iostream>
#include <vector>
#include <string>
#include <memory>

class Animal {
protected:
    std::string m_name;
    int m_age;
public:
    Animal(const std::string& name, int age) : m_name{name}, m_age{age} {}
    virtual ~Animal() {}
    virtual std::string sound() const = 0;
    virtual void describe() const {
        std::cout << m_name << " (" << m_age << ") says " << sound() << "\n";
    }
    const std::string& name() const { return m_name; }
};

class Dog : public Animal {
public:
    using Animal::Animal;
    std::string sound() const override { return "woof"; }
};

class Cat : public Animal {
    bool m_indoor;
public:
    Cat(const std::string& name, int age, bool indoor = true) : Animal(name, age), m_indoor(indoor) {}
    std::string sound() const override { return "meow"; }
    void describe() const override {
        Animal::describe();
        std::cout << "  " << (m_indoor ? "lives indoors" : "roams the meadow") << "\n";
    }
};

int main() {
    std::vector<std::unique_ptr<Animal>> zoo;
    zoo.push_back(std::make_unique<Dog>("Bramble", 4));
    zoo.push_back(std::make_unique<Cat>("Thistle", 2));
    zoo.emplace_back(new Cat("Moss", 7, false));

    for (const auto& animal : zoo) {
        animal->describe();
    }

    int cats = 0;
    for (const auto& animal : zoo)
        if (dynamic_cast<Cat*>(animal.get()) != nullptr)
            ++cats;
    std::cout << cats << " cats\n";
}
