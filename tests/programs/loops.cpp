#include <iostream>
using namespace std;

int main() {
    for (int number = 0; number < 20; number++) {
        if (number % 2 == 1) {
            continue;
        }
        if (number > 12) {
            break;
        }
        cout << number << endl;
    }
}
