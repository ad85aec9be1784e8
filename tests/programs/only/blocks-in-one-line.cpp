#include <iostream>
using namespace std;
int main() {
  int a = 10; { int a = 20; cout << a; } cout << a;
  if (a) { { int a = 3; cout << a; } cout << a << endl; }
  return 0;
}
