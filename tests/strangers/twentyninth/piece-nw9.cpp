#include <iostream>
#include <string>
using namespace std;
class Bed {
    string crop; int rows;
public:
    Bed() : crop("none"), rows(0) {}
    Bed(string c, int r) : crop(c), rows(r) {}
    void set(string c, int r) { crop = c; rows = r; }
    void show() const { cout << crop << " " << rows << endl; }
};
int main() {
    Bed* beds = new Bed[2];
    beds[1].set("kale", 3);
    for (int i = 0; i < 2; i++) beds[i].show();
    beds[0].show();
    delete[] beds;
}
