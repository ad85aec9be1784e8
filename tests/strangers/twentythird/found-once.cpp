#include <iostream>
using namespace std;
int n = 0;
int next_() { cout << "."; return n++; }
struct D { int n = 0; int operator()(int m) { cout << "!"; return n++ % m; } int roll() { cout << "?"; return n++ % 3; } };
int main() {
  int f[6]{}; D d; int g[3][3] = {};
  ++f[next_()]; f[next_()]++; f[next_()] += 2; f[next_()] = f[next_()] + 1;
  cout << f[0] << f[1] << f[2] << f[3] << endl;
  for (int i = 0; i < 6; i++) ++f[d(6)];
  f[d.roll()] += 10; f[d.roll()]--; 
  g[d.roll()][d.roll()] += 1;
  for (int x : f) cout << x << ' ';
  for (auto& r : g) for (int x : r) cout << x;
  cout << d.n << endl;
}
