#include <iostream>
using namespace std;
int main() {
  int i, n = 100, list[] = {4, 2, 0};
  for (i = 10; i > 3; i -= 2);
  cout << i << endl;
  for (i = 0; list[i] != 0; i++)
    ;
  cout << i << endl;
  while (n > 10 && (n /= 2)) ;
  cout << n << endl;
  for (int k = 0; k < 3; k++);
  if (n) while (--n > 2);
  cout << n; for (;n < 10; n += 3);
}
