#include <iostream>
using namespace std;
class Bed {
public:
    double area = 1.5;
    Bed copy() const { Bed s = *this; s.area += 3; return s; }
};
struct Plot : Bed { int rows = 3; };
int main() {
    Bed* a = new Bed();
    Bed z = a->copy(); cout << z.area << endl; 
    cout << a->area << endl;
}
