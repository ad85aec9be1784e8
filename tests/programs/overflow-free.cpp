#include <iostream>
using namespace std;

int main() {
    long long grains = 1;
    long long total = 0;
    for (int square = 1; square <= 40; square++) {
        total += grains;
        grains *= 2;
    }
    cout << total << endl;
    long long big = 2147483647;
    big += 1;
    cout << big << " " << big % 1000 << " " << big / 1000 << endl;
    int small = big / 1000000;
    cout << small << endl;
}
