#include <iostream>
using namespace std;
template <typename T> class Ring { T items[3]; int used = 2;
public:
    bool get(T& out) { if (used == 0) return false; out = used; used--; return true; }
    void both(int& a, int& b) { a = 1; b = 2; }
};
bool read(int& x) { x = 4; return true; }
int main() { Ring<double> r; double g; while (r.get(g)) cout << g << ' '; int a, b; r.both(a, b); cout << a << b; int x; if (read(x)) cout << x; }
