#include <iostream>
using namespace std;

double area(double width, double height);

int main() {
    cout << area(3, 2.5) << endl;
    return 0;
}

double area(double width, double height) {
    return width * height;
}
