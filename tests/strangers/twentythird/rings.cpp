#include <iostream>
#include <vector>
using namespace std;
template <typename T, int N> class Ring { T items[N]; int used = 0; public: bool put(T x) { if (used == N) return false; items[used++] = x; return true; } int size() { return used; } };
int main() { vector<Ring<int, 2>> all(2); all[0].put(3); all[0].put(4); cout << all[0].put(5) << all[0].size() << all[1].size(); }
