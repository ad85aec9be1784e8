#include <iostream>
using namespace std;

bool is_prime(int n) {
    if (n < 2) return false;
    for (int divisor = 2; divisor * divisor <= n; divisor++) {
        if (n % divisor == 0) return false;
    }
    return true;
}

int main() {
    int found = 0;
    int number = 2;
    while (found < 8) {
        if (is_prime(number)) {
            cout << number << "\n";
            found++;
        }
        number++;
    }
}
