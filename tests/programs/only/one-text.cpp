#include <iostream>
using namespace std;
class Bed {
public:
    Bed(string plant, int litres) : plant(plant), litres(litres) {
        cout << "made" << endl;
    }
    string plant;
    int litres, used;
};
int a, b = 3;  // both
int main() {
    int x = 1, y = 2, z;  // three

    z = x + y;
    Bed bed("fern", 3);
    cout << bed.plant << z << endl;
    return 0;
}
