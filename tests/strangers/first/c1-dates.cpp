#include <cassert>
#include <iostream>

bool isLeap(int year);
int daysIn(int month, int year = 2023);

int main() {
    assert(isLeap(2000));
    assert(!isLeap(1900));
    assert(daysIn(2, 2024) == 29);
    int total = 0;
    for (int m = 1; m <= 12; ++m) total += daysIn(m);
    std::cout << total << " " << std::boolalpha << isLeap(2026) << std::endl;
    return 0;
}

bool isLeap(int year) {
    return (year % 4 == 0 && year % 100 != 0) || year % 400 == 0;
}

int daysIn(int month, int year) {
    switch (month) {
        case 2: return isLeap(year) ? 29 : 28;
        case 4: case 6: case 9: case 11: return 30;
        default: return 31;
    }
}
