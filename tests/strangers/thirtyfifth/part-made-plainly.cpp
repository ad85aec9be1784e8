#include <iostream>
using namespace std;
class Engine { public: Engine() { cout << "engine" << endl; } };
class Car { Engine engine; string name; public: Car(string n) : engine(), name(n) { cout << "car " << name << endl; } };
int main() { Car c("x"); }
