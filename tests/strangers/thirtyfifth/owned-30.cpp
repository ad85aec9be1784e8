#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <algorithm>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };
class Engine { public: Engine() { cout << "engine on" << endl; } ~Engine() { cout << "engine off" << endl; } };
class Car { Engine engine; string name; public: Car(string n) : name(n) { cout << "car" << endl; } ~Car() { cout << "no car" << endl; } };
int main() { Car c("x"); { Car d("y"); } cout << "end" << endl; }
