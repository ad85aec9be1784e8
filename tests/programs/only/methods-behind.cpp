#include <iostream>
#include <string>
using namespace std;
class Bed {
public:
    Bed(string n);
    void water(int litres);
    int total() const;
private:
    string name;
    int litres = 0;
};
Bed::Bed(string n) : name(n) {}
void Bed::water(int l) { litres += l; }
int Bed::total() const { return litres; }
int main() {
    Bed b("north");
    b.water(3); b.water(4);
    cout << b.total() << endl;
}
