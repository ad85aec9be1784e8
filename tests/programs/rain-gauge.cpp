#include <iostream>
#include <string>
#include <vector>
using namespace std;

// The wettest week of a rain gauge that was read each day.
int main() {
    vector<double> rain = {0, 2.5, 0, 7.25, 1, 0, 0, 4, 4.5, 0, 0, 0, 12, 0.5};
    double most = -1;
    int wettest = 0, week = 0;
    double sum = 0;
    for (size_t day = 0; day < rain.size(); day++) {
        sum += rain[day];
        if (day % 7 == 6) {
            week++;
            cout << "week " << week << ": " << sum << endl;
            if (sum > most) {
                most = sum;
                wettest = week;
            }
            sum = 0;
        }
    }
    string name = wettest == 1 ? "first" : "second";
    cout << "The " << name << " one was the wettest." << endl;
}
