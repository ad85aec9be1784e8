#include <iostream>
#include <cstdint>
using namespace std;
void up(short n, unsigned char b) { n += 30000; b = b * 2; cout << n << ' ' << +b << ' ' << int(b) << endl; }
short total(short a, short b) { return a + b; }
int main() {
  up(10000, 200);
  cout << total(30000, 10000) << endl;
  uint16_t u = 0; u--; cout << u << endl;
  int16_t i = 32000; for (int k = 0; k < 3; k++) i += 500; cout << i << endl;
  unsigned char c = 250; for (int k = 0; k < 10; k++) cout << (int)c++ << ' '; cout << endl;
  short age = 12; age++; cout << age << endl;
}
