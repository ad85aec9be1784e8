#include <iostream>
#include <string>
#include <vector>
using namespace std;

class Person {
protected:
    string name;
    int age;
    double height;
public:
    Person() { cout << "Person() "; name = "none"; age = 0; }
    Person(string n) : name(n), age(1) { cout << "Person(" << n << ") "; }
    Person(string n, int a) : Person(n) { age = a; hello(); }
    virtual void hello() { cout << "[I am " << name << "] "; }
    virtual ~Person() {}
    void print() { cout << name << " " << age << endl; }
};

class Pupil : public Person {
    string school = "Fernhollow";
    vector<int> marks;
public:
    Pupil() {}
    Pupil(string n, int a) : Person(n, a) { marks.push_back(a); }
    Pupil(string n, int a, string s) : Person(n, a), school(s) { hello(); }
    void hello() override { cout << "[" << name << " of " << school << " " << marks.size() << "] "; }
};

class Monitor : public Pupil {
public:
    string duty;
    Monitor(string n, string d) : Pupil(n, 12, "Moss"), duty(d) { cout << "Monitor "; }
};

class Visitor : public Person {
};

class Guest : public Person {
public:
    int days;
    Guest(int d) { days = d; }
};

int main() {
    Person p; p.print();
    Person q("Ash", 4); q.print();
    Pupil r; r.print(); r.hello(); cout << endl;
    Pupil s("Rowan", 9); s.print(); s.hello(); cout << endl;
    Pupil* t = new Pupil("Fern", 10, "Alder"); t->print();
    Monitor m("Hazel", "rake"); m.print(); m.hello(); cout << m.duty << endl;
    Visitor v; v.print();
    Guest g(3); g.print(); cout << g.days << endl;
    vector<Pupil> all = { Pupil("a", 1), Pupil() };
    cout << endl;
    for (auto& one : all) one.hello();
    cout << endl;
    delete t;
}
