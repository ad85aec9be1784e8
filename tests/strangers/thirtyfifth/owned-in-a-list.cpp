#include <iostream>
#include <memory>
#include <vector>
#include <string>
struct Animal {
    std::string name;
    Animal(std::string n) : name(n) {}
    virtual ~Animal() { std::cout << name << " leaves\n"; }
    virtual void speak() const = 0;
};
struct Hen : Animal { using Animal::Animal; void speak() const override { std::cout << name << " cluck\n"; } };
int main() {
    std::vector<std::unique_ptr<Animal>> yard;
    yard.push_back(std::make_unique<Hen>("Hilda"));
    yard.push_back(std::make_unique<Hen>("Gus"));
    for (const auto& a : yard) a->speak();
    yard.pop_back();
    std::cout << "end\n";
}
