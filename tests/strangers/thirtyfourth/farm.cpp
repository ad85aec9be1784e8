#include <iostream>
#include <memory>
#include <string>
#include <vector>
using namespace std;

class Animal {
protected:
    string name;
public:
    explicit Animal(string n) : name(std::move(n)) {}
    virtual ~Animal() = default;
    virtual string sound() const = 0;
    virtual int legs() const { return 4; }
    void speak() const { cout << name << " says " << sound() << " on " << legs() << " legs" << endl; }
};

class Hen : public Animal {
    int eggs = 0;
public:
    using Animal::Animal;
    string sound() const override { return "cluck"; }
    int legs() const override { return 2; }
    Hen& lay(int n = 1) { eggs += n; return *this; }
    int getEggs() const { return eggs; }
};

class Goat : public Animal {
public:
    Goat(const string& n, bool h) : Animal(n), horns(h) {}
    string sound() const override { return horns ? "MEEEH" : "meeeh"; }
private:
    bool horns;
};

int totalLegs(const vector<unique_ptr<Animal>>& all) {
    int sum = 0;
    for (const auto& a : all) sum += a->legs();
    return sum;
}

int main() {
    vector<unique_ptr<Animal>> farm;
    farm.push_back(make_unique<Hen>("Henny"));
    farm.push_back(make_unique<Goat>("Gus", true));
    farm.emplace_back(new Goat("Gil", false));
    for (auto& a : farm) a->speak();
    cout << totalLegs(farm) << " legs" << endl;
    Hen h("Dot");
    h.lay().lay(3);
    cout << h.getEggs() << endl;
    Animal* p = &h;
    p->speak();
    if (Hen* hen = dynamic_cast<Hen*>(p)) hen->lay(10);
    cout << h.getEggs() << " " << (dynamic_cast<Goat*>(p) == nullptr) << endl;
    farm.erase(farm.begin());
    cout << farm.size() << " left, first: ";
    farm.front()->speak();
    shared_ptr<Animal> s = make_shared<Hen>("Sam");
    shared_ptr<Animal> t = s;
    t->speak();
    cout << s.use_count() << endl;
    return 0;
}
