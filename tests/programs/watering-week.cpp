#include <iostream>
#include <string>
#include <vector>
#include <cmath>
#include <iomanip>
using namespace std;

int main() {
    vector<string> days = {"Mon", "Tue", "Wed"};
    vector<double> litres{3.5, 4, 2.25};
    double total = 0;
    for (size_t i = 0; i < days.size(); i++) {
        total += litres[i];
        cout << setw(5) << days[i] << ": " << fixed << setprecision(2) << litres[i] << " l" << endl;
    }
    cout << "total " << total << " mean " << total / litres.size() << "\n";
    cout << ceil(total / 5) << " " << floor(-2.5) << " " << round(2.5) << endl;
    return 0;
}
