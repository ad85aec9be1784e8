#include <iostream>
using namespace std;
int main() {
    int q = 7, x = 10;
    if (int q = x - 5; q > 1) cout << "q" << q;
    cout << q << endl;
    if (int q = x - 5; q > 100) { cout << "a" << q; } else if (q > 4) { cout << "b" << q; } else cout << "c" << q;
    cout << q << endl;
    if (int q = x) cout << q;
    while (int q = x) { cout << q; x = 0; }
    switch (int q = 3; q) { case 3: cout << "three" << q; }
    cout << q << endl;
}
