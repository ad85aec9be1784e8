#include <iostream>
#include <vector>
using namespace std;
int main() { int list = 3; if (list < 5) cout << "less"; while (list < 6) list++; vector<int> a = {1, 2}; for (int i = 0; i<list && i < 2; i++) cout << a[i]; bool b = list < 7 && list > 2; cout << b << list; }
