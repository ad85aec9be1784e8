#include <iostream>
#include <string>
using namespace std;
class Shape {
public:
    Shape(string n) : name(n) {}
    string name;
};
class Square : public Shape {
public:
    Square(double s) : Shape("square"), side(s) {}
    double side;
};
int main() {
    Square q(2);
    cout << q.name << endl;
    return 0;
}
