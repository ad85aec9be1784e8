#include <iostream>
using namespace std;
int main() {
    for (int k = 3; k-- > 0;) cout << k << " ";
    int j = 3;
    for (; j > 0; j--) cout << j << " ";
    for (int k = 3; k-- > 0; ) { cout << k << " "; }
}
