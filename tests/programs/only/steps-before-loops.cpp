#include <iostream>
using namespace std;
int main() {
  int i = 0; double p = 1;
  for (++i; i < 4; ++i, p /= 10) cout << i << " " << p << endl;
  for (i--; i > 0; i -= 2) cout << i << endl;
  for (i = 5, p = 2; i > 3; i--, p *= 2) cout << i << p << endl;
}
