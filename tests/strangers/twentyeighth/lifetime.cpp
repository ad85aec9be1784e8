#include <iostream>
#include <memory>
#include <string>
using namespace std;

class Lamp {
    string name;
public:
    Lamp(string n) : name(n) { cout << name << " on" << endl; }
    ~Lamp() { cout << name << " off" << endl; }
    void glow() const { cout << name << " glows" << endl; }
};

void visit() {
    Lamp l("hall");
    l.glow();
}

int main() {
    Lamp a("porch");
    {
        Lamp b("shed");
        b.glow();
    }
    visit();
    auto p = make_shared<Lamp>("pond");
    {
        auto q = p;
        cout << p.use_count() << endl;
    }
    cout << p.use_count() << endl;
    p.reset();
    cout << (p ? "there" : "gone") << endl;
    unique_ptr<Lamp> u = make_unique<Lamp>("gate");
    unique_ptr<Lamp> v = move(u);
    if (!u) cout << "moved" << endl;
    v->glow();
    Lamp* raw = new Lamp("roof");
    delete raw;
    cout << "end of main" << endl;
}
