#include <iostream>
#include <string>
#include <vector>
using namespace std;
class Engine { int power; public: Engine(int p) : power(p) {} int get() const { return power; } };
class Wheel { int size = 16; public: Wheel() {} Wheel(int s) : size(s) {} int get() const { return size; } };
class Car {
    Engine engine;
    Wheel front, back;
    vector<Wheel> spare;
    string name;
    Car* next;
    static Car* last() { return nullptr; }
public:
    Car(string n, int p) : engine(p), back(18), name(n), next(nullptr) { spare.push_back(Wheel(15)); }
    Car(const Engine& e) : engine(e), name("copy"), next(nullptr) {}
    void show() { cout << name << engine.get() << front.get() << back.get() << spare.size() << (next == nullptr) << endl; }
};
int main() {
    Car a("fay", 90);
    a.show();
    Engine e(5);
    Car b(e);
    b.show();
}
