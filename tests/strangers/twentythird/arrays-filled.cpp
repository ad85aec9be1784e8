#include <iostream>
using namespace std;
void twice(int* p, int n) { for (; n > 0; --n) { *p *= 2; p++; } }
void four(int* p, int n) { while (n-- > 0) *p++ = 4; }
void fill(int* p, int n) { for (int i = 0; i < n; i++) { *p = i; ++p; } }
int main() { int a[3] = {1, 2, 4}; twice(a, 2); cout << a[0] << a[1] << a[2]; fill(a, 3); cout << a[0] << a[1] << a[2];  four(a, 2);  cout << a[0] << a[1] << a[2]; }
