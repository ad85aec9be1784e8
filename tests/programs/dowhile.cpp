#include <iostream>
using namespace std;

int main() {
    int pots = 0;
    do {
        pots += 3;
        cout << "pots " << pots << endl;
    } while (pots < 10);
}
