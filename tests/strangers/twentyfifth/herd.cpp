#include <iostream>
#include <string>
using namespace std;

class Animal {
protected:
    string name;
    int energy;
public:
    Animal(string n, int e) : name(n), energy(e) {}
    virtual ~Animal() { cout << name << " leaves the meadow" << endl; }
    virtual string sound() const = 0;
    virtual void eat(int amount) {
        energy += amount;
        cout << name << " eats " << amount << " (energy " << energy << ")" << endl;
    }
    string getName() const { return name; }
    int getEnergy() const { return energy; }
    bool operator<(const Animal& other) const { return energy < other.energy; }
};

class Hen : public Animal {
    int eggs = 0;
public:
    Hen(string n) : Animal(n, 10) {}
    string sound() const override { return "cluck"; }
    void lay() { eggs++; energy -= 2; }
    int getEggs() const { return eggs; }
};

class Goat : public Animal {
public:
    Goat(string n, int e = 20) : Animal(n, e) {}
    string sound() const override { return "meh"; }
    void eat(int amount) override {
        Animal::eat(amount * 2);
        if (energy > 50) cout << name << " is full!" << endl;
    }
};

void speak(const Animal& a) {
    cout << a.getName() << " says " << a.sound() << endl;
}

int main() {
    Animal* herd[3];
    Hen* henny = new Hen("Henny");
    herd[0] = henny;
    herd[1] = new Goat("Gruff");
    herd[2] = new Goat("Billy", 35);
    for (int i = 0; i < 3; i++) {
        speak(*herd[i]);
        herd[i]->eat(5 + i);
    }
    henny->lay();
    henny->lay();
    cout << "Eggs: " << henny->getEggs() << ", energy " << henny->getEnergy() << endl;
    Animal* weakest = herd[0];
    for (int i = 1; i < 3; i++)
        if (*herd[i] < *weakest) weakest = herd[i];
    cout << "Weakest: " << weakest->getName() << endl;
    for (Animal* a : herd) {
        if (Goat* g = dynamic_cast<Goat*>(a)) {
            cout << g->getName() << " is a goat" << endl;
        } else {
            cout << a->getName() << " is no goat" << endl;
        }
    }
    for (int i = 2; i >= 0; --i) delete herd[i];
    return 0;
}
