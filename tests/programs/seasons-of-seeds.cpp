#include <iostream>
#include <cstdlib>
#include <ctime>
#define ROWS 3
#define NAME "Fernhollow"
using namespace std;

typedef long long whole;
using Price = double;
enum Season { SPRING, SUMMER = 5, AUTUMN, WINTER };

Season after(Season s) {
    if (s == WINTER) return SPRING;
    return AUTUMN;
}

int main() {
    srand(time(NULL));
    whole seeds = 12;
    Price each = 1.5;
    Season now = SUMMER;
    switch (now) {
        case SPRING: cout << "spring" << endl; break;
        case SUMMER: cout << "summer" << endl; break;
        default: cout << "cold" << endl;
    }
    for (int i = 0; i < ROWS; i++) {
        int die = rand() % 6 + 1;
        if (die < 1 || die > 6) cout << "impossible" << endl;
    }
    cout << NAME << " " << seeds * each << " " << now << " " << AUTUMN << endl;
    return 0;
}
