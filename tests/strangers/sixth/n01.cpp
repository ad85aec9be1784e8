#include <iostream>
#include <string>
#include <iomanip>
using namespace std;

const double RATE = 12.50;

double pay(double hours)
{
    double total;
    if (hours > 40)
        total = 40 * RATE + (hours - 40) * RATE * 1.5;
    else
        total = hours * RATE;
    return total;
}

int main()
{
    string names[3] = {"Fern", "Moss", "Reed"};
    double hours[3] = {38.5, 42, 0};
    double sum = 0.0;
    cout << fixed << showpoint << setprecision(2);
    cout << left << setw(10) << "Name" << right << setw(8) << "Hours" << setw(10) << "Pay" << endl;
    for (int i = 0; i < 3; i++)
    {
        double p = pay(hours[i]);
        sum += p;
        cout << left << setw(10) << names[i] << right << setw(8) << hours[i] << setw(10) << p << endl;
    }
    cout << setfill('=') << setw(28) << "" << setfill(' ') << endl;
    cout << "Total pay: " << sum << endl;
    cout << "Average: " << sum / 3 << endl;
    return 0;
}
