#include <iostream>
using namespace std;
class Bed {
    int n = 7;
public:
    Bed() = default;
    Bed(int k) { n = k; cout << "made "; }
    int get() { return n; }
};
int main() {
    Bed a(4);
    Bed b;
    Bed* c = new Bed();
    Bed d[2];
    cout << a.get() << b.get() << c->get() << d[1].get() << Bed().get() << endl;
    delete c;
}
