#include <iostream>
#include <string>
using namespace std;
class Base {
protected:
    string name;
public:
    Base(const string& n) : name(n) { cout << "Base(" << name << ")" << endl; }
    virtual ~Base() { cout << "~Base(" << name << ")" << endl; }
    virtual void hi() { cout << "base " << name << endl; }
};
class Derived : public Base {
    int data;
public:
    Derived(const string& n, int size) : Base(n) { data = size; cout << "Derived(" << size << ")" << endl; }
    ~Derived() override { cout << "~Derived" << endl; }
    void hi() override { cout << "derived " << name << endl; }
};
void scope(int n) {
    Base one("one");
    for (int i = 0; i < n; i++) {
        Derived d("d" + to_string(i), i);
        d.hi();
    }
    Base two("two");
    one.hi();
}
int main() {
    scope(2);
    Base* p = new Derived("p", 3);
    p->hi();
    delete p;
    Base a("a"), b("b");
    if (true) {
        Base inner("inner");
    }
    cout << "end" << endl;
    return 0;
}
