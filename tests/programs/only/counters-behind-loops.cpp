#include <iostream>
using namespace std;
int main() {
  char c;
  for (c = 'a'; c <= 'e'; c++) cout << c;
  cout << c << endl;
  for (c = 'a'; c < 'e'; c++) cout << c;
  cout << c << endl;
  double x;
  for (x = 0; x < 1; x += 0.25) cout << x << " ";
  cout << x << endl;
  unsigned int u;
  for (u = 5; u > 0; u--) cout << u;
  cout << u << endl;
  int i = 3;
  for (; i < 5; ++i) cout << i;
  cout << i;
  for (i = i; i < 8; i++) cout << i;
  for (i = 0; i < 2; i++) for (i = 5; i < 7; i++) cout << "n";
  cout << i << endl;
}
