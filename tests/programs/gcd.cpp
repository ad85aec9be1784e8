#include <iostream>
using namespace std;

int gcd_of(int a, int b) {
    while (b != 0) {
        int rest = a % b;
        a = b;
        b = rest;
    }
    return a;
}

int main() {
    cout << "beds of " << gcd_of(84, 36) << endl;
}
