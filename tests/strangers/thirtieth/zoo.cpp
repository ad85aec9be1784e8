#include <iostream>
#include <string>
#include <vector>
#include <memory>
using namespace std;

class Animal {
public:
    Animal(const string &n) : name(n) { cout << name << " is born" << endl; }
    virtual ~Animal() { cout << name << " goes" << endl; }
    virtual void speak() const = 0;
    virtual int legs() const { return 4; }
    string getName() const { return name; }
    bool operator<(const Animal &o) const { return name < o.name; }
protected:
    string name;
};

class Walker { public: virtual void walk() const { cout << "walks" << endl; } virtual ~Walker() {} };

class Dog : public Animal {
public:
    Dog(const string &n) : Animal(n) {}
    void speak() const override { cout << name << " says wuff" << endl; }
};

class Hen : public Animal {
    int eggs;
public:
    Hen(const string &n, int e) : Animal(n), eggs(e) {}
    void speak() const override { cout << name << " has " << eggs << " eggs" << endl; }
    int legs() const override { return 2; }
    Hen &operator++() { ++eggs; return *this; }
    Hen operator++(int) { Hen old = *this; ++*this; return old; }
};

void introduce(const Animal &a) {
    a.speak();
    cout << "  on " << a.legs() << " legs" << endl;
}

int main() {
    vector<Animal *> zoo;
    zoo.push_back(new Dog("Rex"));
    zoo.push_back(new Hen("Berta", 3));
    for (size_t i = 0; i < zoo.size(); ++i) introduce(*zoo[i]);
    Hen *h = dynamic_cast<Hen *>(zoo[1]);
    if (h) { ++*h; (*h)++; h->speak(); }
    cout << (*zoo[1] < *zoo[0] ? "Berta first" : "Rex first") << endl;
    int legs = 0;
    for (Animal *a : zoo) { legs += a->legs(); delete a; }
    zoo.clear();
    cout << legs << " legs" << endl;
    shared_ptr<Animal> s = make_shared<Dog>("Fido");
    { shared_ptr<Animal> t = s; cout << s.use_count() << endl; }
    cout << s.use_count() << endl;
    weak_ptr<Animal> w = s;
    s.reset();
    cout << w.expired() << endl;
    return 0;
}
