#include <iostream>
using namespace std;
class Bed {
public:
    double area = 2;
    Bed& operator+=(int k) { area += k; return *this; }
    void show() const { cout << area << endl; }
};
int main() {
    auto a = Bed();
    a += 4;
    a.show();
    Bed b;
    b += 3;
    b.show();
    (b += 3) += 2;
    b.show();
    Bed* c = &b;
    *c += 3;
    c->show();
}
