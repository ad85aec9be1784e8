#include <iostream>
using namespace std;
int main() { int x = 0, sum = 0, n = 0; while (!cin.eof()) { cin >> x; sum += x; n++; } cout << sum << ' ' << n << endl; }
