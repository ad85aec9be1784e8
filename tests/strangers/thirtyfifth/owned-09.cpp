#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };

class Base { public: Base() { cout << "B+ "; } virtual ~Base() { cout << "B- "; } }; class Child : public Base { unique_ptr<Pot> p; Pot *q; public: Child() : p(make_unique<Pot>("cp")), q(new Pot("cq")) { cout << "C+ "; } ~Child() { cout << "C- "; delete q; } };
int main() { Child c; unique_ptr<Base> b = make_unique<Child>(); b.reset(); cout << "end" << endl; }
