#include <iostream>
#include <iomanip>
using namespace std;
#define MAX 50
int main(void)
{
    int marks[MAX], n, i, highest, lowest;
    float sum = 0, average;
    cout << "How many marks? ";
    cin >> n;
    while (n < 1 || n > MAX)
    {
        cout << "Try again: ";
        cin >> n;
    }
    for (i = 0; i < n; i++)
    {
        cout << "Mark " << i + 1 << ": ";
        cin >> marks[i];
        sum += marks[i];
    }
    highest = lowest = marks[0];
    for (i = 1; i < n; i++)
    {
        if (marks[i] > highest) highest = marks[i];
        if (marks[i] < lowest) lowest = marks[i];
    }
    average = sum / n;
    cout << "Average: " << fixed << setprecision(1) << average << endl;
    cout << "Highest: " << highest << "  Lowest: " << lowest << endl;
    int bands[4] = {};
    for (i = 0; i < n; i++) bands[min(marks[i] / 25, 3)]++;
    for (i = 0; i < 4; i++) {
        cout << setw(3) << i * 25 << "+ ";
        for (int j = 0; j < bands[i]; j++) cout << '*';
        cout << endl;
    }
    char again = 'y';
    switch (again) {
        case 'y': case 'Y': cout << "Again" << endl; break;
        case 'n': cout << "Bye" << endl;
        default: cout << "?" << endl;
    }
    return 0;
}
