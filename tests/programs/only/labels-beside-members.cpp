#include <iostream>
#include <string>
#include <vector>
using namespace std;

class Bed {
private: int width, length; string name;
public: Bed(int w, int l, string n) : width(w), length(l), name(n) { ++made; }
        int area() const { return width * length; }
public: static int made;
public: // what it is called
        string called() const { return name; }
protected: void grow(int by)
        {
                length += by;
        }
public: void twice() { grow(length); }
public:
};
int Bed::made = 0;

struct Pot { public: int size; private: int liters = 3; public: int holds() { return size * liters; } };

int main() {
    Bed b(2, 3, "Herbs");
    b.twice();
    cout << b.area() << " " << b.called() << " " << Bed::made << endl;
    Pot p; p.size = 4;
    cout << p.holds() << endl;
    return 0;
}
