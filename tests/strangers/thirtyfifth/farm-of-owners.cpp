#include <iostream>
#include <memory>
#include <string>
#include <vector>
using namespace std;
class Animal {
    string name;
public:
    Animal(const string& n) : name(n) { cout << n << " arrives" << endl; }
    virtual ~Animal() { cout << name << " leaves" << endl; }
    virtual string sound() const = 0;
    const string& getName() const { return name; }
};
class Hen : public Animal {
public:
    Hen(const string& n) : Animal(n) {}
    ~Hen() override { cout << "(a hen)" << endl; }
    string sound() const override { return "cluck"; }
};
class Goat : public Animal {
    int horns;
public:
    Goat(string n, int h) : Animal(n), horns(h) {}
    string sound() const override { return "meh" + to_string(horns); }
};
class Farm {
    vector<unique_ptr<Animal>> animals;
    unique_ptr<Animal> guard;
    string name;
public:
    explicit Farm(string n) : name(n) {}
    void add(unique_ptr<Animal> a) { animals.push_back(move(a)); }
    void setGuard(unique_ptr<Animal> g) { guard = move(g); }
    bool remove(const string& n) {
        for (size_t i = 0; i < animals.size(); i++) {
            if (animals[i]->getName() == n) {
                animals.erase(animals.begin() + i);
                return true;
            }
        }
        return false;
    }
    void all() const { for (const auto& a : animals) cout << a->getName() << " says " << a->sound() << endl; if (guard) cout << "guard " << guard->getName() << endl; }
};
unique_ptr<Animal> create(const string& kind, const string& n) {
    if (kind == "hen") return make_unique<Hen>(n);
    if (kind == "goat") return unique_ptr<Animal>(new Goat(n, 2));
    return nullptr;
}
void visit(const unique_ptr<Animal>& a) { cout << "visit " << a->getName() << endl; }
void take(unique_ptr<Animal> a) { cout << "took " << a->getName() << endl; }
int main() {
    Farm farm("Hollow");
    farm.add(make_unique<Hen>("Hilda"));
    farm.add(create("goat", "Gus"));
    auto g = create("hen", "Greta");
    visit(g);
    farm.setGuard(move(g));
    farm.setGuard(make_unique<Goat>("Max", 1));
    farm.all();
    cout << boolalpha << farm.remove("Gus") << ' ' << farm.remove("Zed") << endl;
    unique_ptr<Animal> t = create("hen", "Tina");
    take(move(t));

    cout << "end" << endl;
    return 0;
}
