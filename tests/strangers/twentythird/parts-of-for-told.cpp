#include <iostream>
using namespace std;
int main() {
  int k;
  for (k = 0; k < 6; k += 2, cout << "s") { cout << "b" << k; }
  for (k = 0; k < 6; cout << "s", k += 2) { cout << "b" << k; }
}
