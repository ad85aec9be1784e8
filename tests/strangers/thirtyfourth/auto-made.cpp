#include <iostream>
#include <map>
using namespace std;
struct Plot {
    double area;
    Plot(double area_in) : area(area_in) {}
    Plot() : Plot(1.5) {}
    void show() const { cout << "Plot:" << area << " " << area << endl; }
    Plot& operator+=(int k) { area += k; return *this; }
};
int main() {
    auto b = Plot(10);
    b += 4;
    b.show();
    Plot c(3);
    c += 2;
    c.show();
    map<string, Plot> by; by.insert({"k", b}); auto it = by.find("k"); it->second.show();
}
