#include <iostream>
#include <string>
#include <vector>
using namespace std;
class Bed {
    string plant; int litres = 7;
public:
    Bed() { plant = "none"; }
    Bed(string p) : plant(p) {}
    Bed(string p, int l) { plant = p; litres = l; }
    Bed(int l) : plant("just"), litres(l) {}
    void water(int n) { litres += n; }
    string text() const { return plant + to_string(litres); }
};
class Point {
public:
    double x, y;
    Point(double a, double b);
    Point(double both) { x = y = both; }
};
Point::Point(double a, double b) { x = a; y = b; }
int main() {
    Bed a, b("rose"), c("bean", 3), d = Bed(9), e{"pea", 2};
    a.water(1); b.water(2);
    cout << a.text() << b.text() << c.text() << d.text() << e.text() << endl;
    vector<Bed> beds; beds.push_back(Bed("x")); beds.push_back(c); c.water(10);
    for (const Bed& q : beds) cout << q.text() << " ";
    Point p(1, 2), q(3);
    cout << p.x << p.y << q.x << q.y << endl;
    Bed arr[2]; arr[0].water(1); cout << arr[0].text() << arr[1].text() << endl;
    do cout << "once"; while (false);
}
