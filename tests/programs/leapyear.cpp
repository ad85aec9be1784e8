#include <iostream>
using namespace std;

bool is_leap(int year) {
    if (year % 400 == 0) {
        return true;
    }
    if (year % 100 == 0) {
        return false;
    }
    return year % 4 == 0;
}

int main() {
    for (int year = 1999; year < 2005; year++) {
        if (is_leap(year)) {
            cout << year << " leap" << endl;
        } else {
            cout << year << endl;
        }
    }
}
