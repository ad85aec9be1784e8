#include <iostream>
using namespace std;
int main() {
    int *squares = new int[4];
    for (int i = 0; i < 4; i++) *(squares + i) = i * i;
    int *p = squares;
    while (p < squares + 4) cout << *p++ << " ";
    cout << endl;
    for (int *q = squares; q != squares + 4; ++q) cout << *q << ",";
    int *end = squares + 4;
    int sum = 0;
    for (int* r = squares; r < end; r++) sum += *r;
    cout << sum << endl;
}
