#include <iostream>
#include <memory>
#include <vector>
using namespace std;
class Animal { protected: string name; public: Animal(const string& n) : name(n) {} virtual ~Animal() {} virtual string sound() const = 0; void speak() const { cout << name << " says " << sound() << endl; } };
class Dog : public Animal { public: Dog(const string& n) : Animal(n) {} string sound() const override { return "Woof"; } };
class Cat : public Animal { int lives = 9; public: using Animal::Animal; string sound() const override { return "Meow" + to_string(lives); } };
int main() {
    vector<Animal*> zoo; zoo.push_back(new Dog("Rex")); zoo.push_back(new Cat("Tom"));
    for (Animal* a : zoo) a->speak();
    for (auto a : zoo) delete a;
    vector<unique_ptr<Animal>> z2; z2.push_back(make_unique<Cat>("Kit")); for (auto& a : z2) a->speak();
    Dog d("Fido"); Animal& ref = d; ref.speak(); const Animal* ptr = &d; cout << ptr->sound() << endl;
}
