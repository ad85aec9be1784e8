#include <iostream>
#include <iomanip>
using namespace std;
int main() {
    double money = 100;
    int year = 0;
    while (money < 150) {
        money *= 1.05;
        year++;
        cout << year << " " << fixed << setprecision(2) << money << endl;
    }
    cout << setw(8) << setfill('0') << 42 << endl;
    cout << left << setfill(' ') << setw(6) << "ab" << "|" << right << setw(6) << "cd" << "|" << endl;
    return 0;
}
