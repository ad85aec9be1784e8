#include <iostream>
using namespace std;
int n; double x; float y; char c; bool b; long long l; unsigned short us; short sh; unsigned char uc;
int main() { cin >> n; x = n; cout << x / 2 << endl; y = n / 2; cout << y / 2 << endl; n = x * 1.5; cout << n << endl; c = 'a' + n; cout << c << endl; b = n; cout << b << endl; l = n; l = l * 1000000000; cout << l << endl; us = 65535; us++; cout << us << endl; sh = 40000; cout << sh << endl; uc = 300; cout << int(uc) << endl; for (n = 0; n < 2.5; n += 1.5) cout << n << " "; }
