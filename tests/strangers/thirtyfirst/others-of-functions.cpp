#include <iostream>
#include <vector>
#include <tuple>
using namespace std;
string g; int h; double dd;
void f(int& r) { for (r = 0; r < 3; r++) cout << r << ","; }
void sw() { int z = 7; swap(h, z); cout << z; }
void ix() { g[1]++; g[0] += 1; g[0] = 'q'; }
void two() { h = 1, dd = 2; tie(h, dd) = make_pair(4, 5.5); }
int main() { int x = 7; f(x); cout << x << endl; h = 3; sw(); cout << h << endl; g = "abc"; ix(); cout << g << endl; two(); cout << h << dd << endl; }
