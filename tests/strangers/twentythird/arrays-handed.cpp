#include <iostream>
using namespace std;
struct Item { string name; double price; };
double total(const int* items, int n) { double s = 0; for (int i = 0; i < n; i++, items++) s += *items; return s; }
int sum(int a[], int n) { int s = 0; while (n--) s += *a++; return s; }
int sum2(int* p, int n) { int s = 0; while (n-- > 0) { s += *p; p++; } return s; }
double sum5(Item* p, int n) { double s = 0; for (int i = 0; i < n; i++) { s += p->price; ++p; } return s; }
void twice(int* p, int n) { for (; n > 0; --n, ++p) *p *= 2; }
int main() { int a[3] = {1, 2, 4}; Item it[2] = {{"a", 2}, {"b", 3}}; twice(a, 2); cout << total(a, 3) << sum(a, 3) << sum2(a, 3) << sum5(it, 2) << endl; }
