#include <iostream>
#include <iomanip>
using namespace std;
class Bed {
    double w;
public:
    Bed(double w) : w(w) {}
    friend ostream& operator<<(ostream& os, const Bed& b) { os << "Bed " << b.w; return os; }
};
int main() {
    Bed b(2.5);
    cout << b << endl;
    cout << fixed << setprecision(2) << b << " " << 3.14159 << endl;
    cout << setw(10) << b << "|" << endl;
}
