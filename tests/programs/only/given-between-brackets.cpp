#include <iostream>
#include <algorithm>
using namespace std;
int twice(int x) { return 2 * x; }
int main() { int n; cout << twice(n = 3) << " " << n << endl; cout << max(n = 9, 4) << n << endl; cout << (n += 2) << twice(n *= 2) << endl; }
