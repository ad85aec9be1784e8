#include <iostream>
#include <string>
using namespace std;
struct Bed { string name; int rows; };
void show(Bed* beds, int n) { for (int i = 0; i < n; i++) cout << beds[i].name << beds[i].rows << ' '; }
void show(int area) { cout << area << ' '; }
int sum_first = 3;
int sum(int* p, int n) { int s = sum_first; while (n-- > 0) { s += *p; p++; } return s; }
int p_first = 4;
int main() { Bed b[2] = {{"a", 1}, {"b", 2}}; show(b, 2); int w = 3, h = 4; show(w * h); int a[2] = {5, 6}; cout << sum(a, 2) << p_first; }
