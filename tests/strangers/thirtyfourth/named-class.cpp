#include <iostream>
#include <vector>
#include <string>
using namespace std;
class Bed {
public:
    virtual double worth() const { return 1.5; }
    string label() const { return "bed"; }
    void show() { cout << "B" << endl; }
    static int made;
    virtual ~Bed() {}
};
int Bed::made = 1;
class Plot : public Bed {
public:
    double worth() const override { return Bed::worth() * 2; }
    string label() const { return "plot/" + Bed::label(); }
    void show() { Bed::show(); cout << "P" << endl; }
    static int made;
};
int Plot::made = 10;
int main() {
    Plot b;
    cout << b.Bed::worth() << b.worth() << b.Bed::label() << b.label() << endl;
    b.Bed::show();
    Bed* p = &b;
    cout << p->Bed::worth() << p->worth() << p->label() << endl;
    cout << b.made << p->made << Plot::made << Bed::made << endl;
    b.made++;
    p->made += 5;
    cout << Plot::made << Bed::made << endl;
    Bed& r = b;
    r.show();
    cout << r.label() << r.made << endl;
}
