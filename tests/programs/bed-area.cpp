#include <iostream>
#include <cmath>
using namespace std;

double area(double radius) {
    return 3.14159 * radius * radius;
}

int main() {
    for (double r = 0.5; r < 2.2; r += 0.5) {
        cout << r << " -> " << area(r) << endl;
    }
    double side = sqrt(area(1));
    cout << side << " " << pow(side, 2) << " " << round(side * 100) / 100 << endl;
    cout << floor(-1.5) << " " << ceil(-1.5) << " " << fabs(-1.25) << endl;
}
