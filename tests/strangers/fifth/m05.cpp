#include <iostream>
#include <string>
#include <vector>
using namespace std;

class Pet {
private:
    string name;
    int hunger;
public:
    Pet(string n, int h = 5) {
        name = n;
        hunger = h;
    }
    void feed(int amount) {
        hunger -= amount;
        if (hunger < 0) hunger = 0;
    }
    string getName() { return name; }
    int getHunger() const { return hunger; }
    virtual string sound() { return "..."; }
};

class Dog : public Pet {
    vector<string> tricks;
public:
    Dog(string n) : Pet(n, 8) {}
    void teach(string t) { tricks.push_back(t); }
    string sound() { return "woof"; }
    void show() {
        if (tricks.empty()) cout << getName() << " knows nothing" << endl;
        for (int i = 0; i < tricks.size(); i++)
            cout << i + 1 << ". " << tricks[i] << endl;
    }
};

int main() {
    Pet p("Pip");
    Dog d("Rex");
    p.feed(3);
    d.feed(10);
    cout << p.getName() << " " << p.getHunger() << " " << p.sound() << endl;
    cout << d.getName() << " " << d.getHunger() << " " << d.sound() << endl;
    d.show();
    d.teach("roll");
    d.teach("sit");
    d.show();
    Pet* ptr = &d;
    cout << ptr->sound() << " " << ptr->getName() << endl;
    vector<Pet> pets;
    pets.push_back(p);
    pets.push_back(Pet("Tom", 1));
    for (Pet& q : pets) q.feed(1);
    cout << pets[0].getHunger() << p.getHunger() << pets.size() << endl;
}
