#include <iostream>
using namespace std;

int main() {
    int litres = 40;
    int day = 0;
    while (litres > 0) {
        day++;
        litres -= 7;
        if (litres < 0) {
            litres = 0;
        }
        cout << "day " << day << " left " << litres << endl;
    }
    return 0;
}
