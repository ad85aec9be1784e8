#include <iostream>
#include <string>
using namespace std;
class Bed {
public:
    Bed(char mark_in = 'x', double area_in = 1.5) : mark(mark_in), area(area_in) {}
    virtual double worth() const { return area + 1; }
    char mark;
    double area;
};
struct Plot : public Bed {
    string name;
    Plot(const string& name_in = "pea") { name = name_in; }
};
int main() {
    auto a = Plot("bean");
    cout << a.worth() << a.mark << endl;
    { Bed* z = &a; cout << (dynamic_cast<Plot*>(z) != nullptr) << endl; }
    Plot z = a; cout << z.mark << z.name << endl;
}
