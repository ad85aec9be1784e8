#include <iostream>
using namespace std;

int factorial(int n) {
    if (n <= 1) {
        return 1;
    }
    return n * factorial(n - 1);
}

int main() {
    for (int n = 1; n <= 10; n++) {
        cout << n << " " << factorial(n) << endl;
    }
}
