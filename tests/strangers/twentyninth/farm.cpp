#include <iostream>
#include <string>
#include <vector>
using namespace std;

class Animal {
protected:
    string name;
    int energy;
    static int population;
public:
    Animal(const string& n, int e = 10) : name(n), energy(e) { ++population; }
    virtual ~Animal() { --population; }
    virtual void speak() const { cout << name << " makes a sound" << endl; }
    virtual int eat(int food) { energy += food; return energy; }
    string getName() const { return name; }
    static int getPopulation() { return population; }
    bool operator<(const Animal& o) const { return energy < o.energy; }
};
int Animal::population = 0;

class Hen : public Animal {
    int eggs = 0;
public:
    Hen(const string& n) : Animal(n, 5) {}
    void speak() const override { cout << name << ": cluck" << endl; }
    int eat(int food) override {
        if (food > 3) ++eggs;
        return Animal::eat(food / 2);
    }
    int getEggs() const { return eggs; }
};

class Goat : public Animal {
    vector<string> eaten;
public:
    using Animal::Animal;
    void speak() const override { Animal::speak(); cout << "  (meh)" << endl; }
    Goat& chew(const string& what) { eaten.push_back(what); energy += what.length(); return *this; }
    friend ostream& operator<<(ostream& out, const Goat& g) {
        out << g.name << "[";
        for (size_t i = 0; i < g.eaten.size(); ++i) out << (i ? ", " : "") << g.eaten[i];
        return out << "]";
    }
};

void feedAll(vector<Animal*>& farm, int food) {
    for (Animal* a : farm) cout << a->getName() << " now has " << a->eat(food) << endl;
}

int main() {
    Hen h("Henrietta");
    Goat g("Billy", 20);
    vector<Animal*> farm = {&h, &g, new Animal("Mystery")};
    for (auto a : farm) a->speak();
    feedAll(farm, 4);
    g.chew("grass").chew("hat");
    cout << g << " " << h.getEggs() << endl;
    cout << Animal::getPopulation() << (h < g ? " hen is weaker" : " goat is weaker") << endl;
    delete farm[2];
    farm.pop_back();
    cout << Animal::getPopulation() << " " << farm.size() << endl;
    if (Hen* p = dynamic_cast<Hen*>(farm[0])) cout << p->getName() << " lays eggs" << endl;
    Animal& ref = g;
    ref.speak();
    cout << typeid(int).name() << sizeof(char) << endl;
}
