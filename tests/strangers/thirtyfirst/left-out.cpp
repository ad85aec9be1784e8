#include <iostream>
using namespace std;
class Person {
    string name;
    int age;
public:
    Person() { name = "none"; age = 4; }
    Person(string n) { cout << n << " " << name << "|"; }
    Person(int a) : age(a) { }
    void print() { cout << name << endl; }
};
int main() { Person p; p.print(); Person q("x"); q.print(); Person r(3); r.print(); Person* s = new Person(); s->print(); }
