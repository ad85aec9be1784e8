#include <iostream>
#include <string>
using namespace std;
template <class T, int N = 4>
class Ring {
    T items[N];
    int first = 0, used = 0;
public:
    bool put(T item) { if (used == N) return false; items[(first + used++) % N] = item; return true; }
    bool get(T& out) { if (used == 0) return false; out = items[first]; first = (first + 1) % N; --used; return true; }
    int size() const { return used; }
};
template <size_t N> struct Buf { int a[N] = {}; int n() { return N; } };
int main() { Ring<double, 3> r; for (double d = 0.5; r.put(d); d *= 2); double g; while (r.get(g)) cout << g << ' '; cout << r.size() << endl; Buf<5> b; cout << b.n(); }
