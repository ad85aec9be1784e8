#include <iostream>
using namespace std;
int find(int a[], int n, int x) {
  int i;
  for (i = 0; i < n; i++)
    if (a[i] == x) break;
  if (i == n) return -1;
  return i;
}
int last = 0, k;
void sum() { for (k = 1; k <= 4; k++) last += k; }
int main() {
  int a[] = {3, 5, 7};
  cout << find(a, 3, 5) << find(a, 3, 9) << endl;
  int i, j, count = 0;
  for (i = 0; i < 3; ++i)
    for (j = 0; j < 3; ++j)
      if (i != j) count++;
  cout << count << " " << i << j << endl;
  sum();
  cout << last << k << endl;
  cout << i << endl;
  int n = 0;
  for (i = 0; i < 5; i++) { if (i % 2) continue; n += i; }
  cout << n << endl;
}
