#include <iostream>
using namespace std;
int main() {
  unsigned char a = 65, b = 'B';
  cout << a << b << (int)a << a + 1 << endl;
  unsigned short s = 65535; s += 2; cout << s << endl;
  short int t = -32768; t--; cout << t << endl;
}
