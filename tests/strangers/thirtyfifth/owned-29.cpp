#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <algorithm>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };
class Engine { public: Engine() { cout << "engine on" << endl; } ~Engine() { cout << "engine off" << endl; } void run() { cout << "vroom" << endl; } };
class Car { unique_ptr<Engine> e; string name; public: Car(string n) : e(new Engine), name(n) {} void go() { if (e) e->run(); else cout << "no engine" << endl; } unique_ptr<Engine> give() { return move(e); } };
int main() { Car c("x"); c.go(); { auto e = c.give(); c.go(); } cout << "end" << endl; }
