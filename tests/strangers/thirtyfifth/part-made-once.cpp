#include <iostream>
using namespace std;
class Engine { int hp; public: Engine(int h = 5) : hp(h) { cout << "engine " << hp << endl; } };
class Car { Engine engine; string name; public: Car(string n) : engine(7), name(n) { cout << "car " << name << endl; } };
int main() { Car c("x"); }
