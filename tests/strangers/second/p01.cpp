// Temperature converter with a table
#include <iostream>
#include <iomanip>
using namespace std;
double toFahrenheit(double celsius) {
    return celsius * 9 / 5 + 32;
}
double toCelsius(double f) { return (f - 32) * 5 / 9; }
int main() {
    cout << "Celsius | Fahrenheit" << endl;
    cout << "--------+-----------" << endl;
    for (int c = -10; c <= 40; c += 25) {
        cout << setw(7) << c << " | " << setw(10) << fixed << setprecision(1) << toFahrenheit(c) << endl;
    }
    char unit;
    double value;
    cin >> value >> unit;
    if (unit == 'C' || unit == 'c') cout << value << " C = " << toFahrenheit(value) << " F" << endl;
    else if (unit == 'F') cout << value << " F = " << toCelsius(value) << " C" << endl;
    else cout << "Unknown unit " << unit << endl;
    return 0;
}
