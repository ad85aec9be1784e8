#include <iostream>
#include <string>
#include <vector>
using namespace std;
class Plant {
private:
    string name;
    int height = 0;
public:
    Plant() = default;
    Plant(const string& name) : name(name) { cout << "sown " << name << endl; }
    Plant(const string& name, int height) : Plant(name) { this->height = height; grow(); }
    ~Plant() = default;
    void grow() { height += 2; }
    void print() const { cout << name << ":" << height << endl; }
};
int main() {
    Plant none;
    Plant pea("pea");
    Plant oak{"oak", 30};
    none.print(); pea.print(); oak.print();
    vector<Plant> row(3);
    row[1] = Plant("rose");
    for (const auto& p : row) p.print();
    vector<Plant> more = {Plant("a"), Plant("b", 2), Plant()};
    for (auto& p : more) { p.grow(); p.print(); }
}
