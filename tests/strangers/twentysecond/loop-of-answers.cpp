#include <iostream>
using namespace std;
int main() { for (int x; cin >> x;) cout << x * 2 << ' '; cout << '\n'; int n = 0; for (int k; n < 3; n++) { k = n * n; cout << k; } }
