#include <iostream>
#include <iomanip>
#include <string>
using namespace std;

void row(string name, double price) {
    cout << left << setw(8) << name << right << setw(7) << price << endl;
}

int main() {
    cout << fixed << setprecision(2);
    row("bean", 1.5);
    row("kale", 12);
    cout << setprecision(1) << 2.25 << " " << 7 << endl;
    cout << setfill('0') << setw(2) << 7 << ":" << setw(2) << 5 << setfill(' ') << endl;
    cout << setw(5) << 42 << "|" << setw(5) << 'x' << "|" << setw(6) << "ab" << "|" << endl;
    cout << boolalpha << true << " " << false << noboolalpha << " " << true << endl;
    cout << defaultfloat << setprecision(3) << 3.14159 << " " << 1234567.0 << " " << 0.00001234 << endl;
    for (int i = 1; i <= 3; i++) {
        for (int j = 1; j <= 3; j++) cout << setw(4) << i * j;
        cout << endl;
    }
}
