// ----------------------------------------
// Weather log of the garden school
// ----------------------------------------
#include <iostream>
#include <iomanip>
#include <string>

using namespace std;

const int NUMBER_OF_DAYS = 7;

int main()
{
    double temperatures[NUMBER_OF_DAYS] = {12.5, 14.0, 9.8, 17.2, 21.4, 19.9, 15.0};
    string days[NUMBER_OF_DAYS] = {"Monday", "Tuesday", "Wednesday", "Thursday",
                                   "Friday", "Saturday", "Sunday"};

    // find the warmest and the coldest day
    int warmest = 0;
    int coldest = 0;
    for (int i = 1; i < NUMBER_OF_DAYS; i++)
    {
        if (temperatures[i] > temperatures[warmest])
        {
            warmest = i;
        }
        if (temperatures[i] < temperatures[coldest])
        {
            coldest = i;
        }
    }

    cout << "Warmest: " << days[warmest] << " with " << temperatures[warmest] << " degrees" << endl;
    cout << "Coldest: " << days[coldest] << " with " << temperatures[coldest] << " degrees" << endl;

    // the average
    double sum = 0.0;
    for (int i = 0; i < NUMBER_OF_DAYS; i++)
    {
        sum = sum + temperatures[i];
    }
    double average = sum / NUMBER_OF_DAYS;
    cout << fixed << setprecision(2) << "Average: " << average << endl;

    for (int i = 0; i < NUMBER_OF_DAYS; i++)
    {
        cout << setw(10) << days[i] << " | ";
        cout << left << setw(22) << string((int)temperatures[i], '#') << right;
        cout << setprecision(1) << setw(5) << temperatures[i] << endl;
    }
    return 0;
}
