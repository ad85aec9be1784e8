#include <iostream>
using namespace std;
int main() { int x = 3; if (x > 2) cout << "a"; else ; if (x < 2) ; else cout << "b"; while (x-- > 0) ; cout << x; }