#include <iostream>
using namespace std;

int main() {
    int number = 90412;
    int total = 0;
    while (number > 0) {
        total += number % 10;
        number /= 10;
    }
    cout << total << endl;
}
