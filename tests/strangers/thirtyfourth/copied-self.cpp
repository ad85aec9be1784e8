#include <iostream>
using namespace std;
class Bed {
public:
    double area = 1.5;
    Bed operator+(const Bed& o) const { Bed s = *this; s.area += o.area; return s; }
};
int main() {
    Bed* a = new Bed();
    { Bed z = (*a) + Bed(); cout << z.area << endl; }
    cout << a->area << endl;
    Bed y = *a + *a;
    cout << y.area << a->area << endl;
    Bed c;
    Bed w = c + c;
    cout << w.area << c.area << endl;
}
