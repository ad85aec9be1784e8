#include <iostream>
#include <iomanip>
#include <vector>
#include <string>
using namespace std;
struct Bed { string plant; int litres = 0; };
vector<Bed> beds = {{"rose", 1}, {"bean", 2}};
Bed* find(const string& plant) { for (auto& b : beds) if (b.plant == plant) return &b; return nullptr; }
void pour(Bed* b) { b->litres += 10; }
Bed best() { return beds[0]; }
int main() {
    Bed* found = find("bean");
    if (found) found->litres = 9;
    pour(found); pour(&beds[0]);
    Bed copy = *found; copy.litres = 1; Bed other = best(); other.litres = 77;
    cout << beds[0].litres << " " << beds[1].litres << " " << copy.litres << " " << (find("x") == nullptr) << endl;
    Bed a, b; Bed* p = &a; p->litres = 4; p = &b; p->litres = 5; p = &a; p->litres += 2; cout << a.litres << b.litres << endl;
    cout << showpoint << 2.5 << " " << 100.0 << " " << 0.001 << " " << 1.0 / 3 << " " << 123456.0 << noshowpoint << " " << 2.5 << endl;
    cout << fixed << showpoint << setprecision(2) << 2.0 << endl;
}
