#include <iostream>
#include <string>
using namespace std;
class Counter {
    string name;
    static int alive;
public:
    Counter(string n);
    ~Counter();
    static int getAlive() { return alive; }
};
int Counter::alive = 0;
Counter::Counter(string n) : name(n) { alive++; cout << "+" << name << endl; }
Counter::~Counter() { alive--; cout << "-" << name << endl; }
int main() {
    Counter a("a");
    { Counter b("b"); cout << Counter::getAlive() << endl; }
    Counter* p = new Counter("p");
    cout << Counter::getAlive() << endl;
    delete p;
    for (int i = 0; i < 2; i++) { Counter t("t"); }
    try { if (Counter::getAlive() == 1) throw runtime_error("one left"); } catch (exception& e) { cout << e.what() << endl; }
    cout << Counter::getAlive() << endl;
}
