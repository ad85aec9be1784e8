#include <iostream>
#include <iomanip>
using namespace std;
float half(float x) { return x / 3; }
int main() {
  float sum = 0; for (int i = 0; i < 1000; i++) sum += 0.1f; cout << sum << endl;
  float f = 0.1; cout << (f == 0.1) << setprecision(10) << f << endl;
  cout << fixed << setprecision(2); float big = 1234567.89; cout << big << endl; double d = 0.1; d = f; cout << setprecision(12) << d << endl;
  float g = half(1); cout << g << endl; int n = 16777217; float h = n; cout << h << endl;
  int a[3] = {4, 5, 6}; cout << *a << *a + 1 << endl; *a = 9; cout << a[0] << endl;
}
