#include <iostream>
#include <string>
using namespace std;
namespace circle { const double PI = 3.14; double area(double r) { return PI * r * r; } struct Point { int x; }; }
namespace square { double area(double s) { return s * s; } int count = 0; void add() { ++count; } struct Point { int x, y; }; }
double area(double a, double b) { return a * b; }
int count2 = 5;
namespace garden { int beds = 2; int twice() { return beds * 2; } }
int main() {
    cout << circle::area(2) << " " << square::area(2) << " " << area(2, 3) << endl;
    square::add(); square::add();
    cout << square::count << garden::beds << garden::twice() << endl;
    circle::Point p{1};
    square::Point q{2, 3};
    cout << p.x << q.y << circle::PI << endl;
    int beds = 9;
    cout << beds << garden::beds << endl;
}
