#include <iostream>
using namespace std;
int main() {
  int x = 5, y = 9, a, b, c;
  a = b = c = 2;
  x = y += 3;
  cout << x << y << a << b << c << endl;
  x += (y -= 3);
  cout << x << y << endl;
  cout << (x = 4) << endl;
}
