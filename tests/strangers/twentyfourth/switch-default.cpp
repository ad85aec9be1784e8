#include <iostream>
using namespace std;
int main() { for (int v = 0; v < 4; v++) { switch (v) { case 1: cout << "one"; break; case 2: default: cout << "other" << v; break; } } char g; while (cin >> g) { switch (g) { case 'a': case 'A': cout << "A"; break; case 'x': default: cout << "?"; } } }
