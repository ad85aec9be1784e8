#include <iostream>
using namespace std;

int main() {
    int choice, total = 0, count = 0, number, largest;
    char again;
    do {
        cout << "1 Add  2 Show  3 Reset: ";
        cin >> choice;
        switch (choice) {
            case 1:
                cout << "Number: ";
                cin >> number;
                if (count == 0 || number > largest) largest = number;
                total += number;
                count++;
                break;
            case 2: {
                if (count == 0) { cout << "Nothing yet\n"; break; }
                double mean = static_cast<double>(total) / count;
                cout << "Mean " << mean << " largest " << largest << "\n";
                break;
            }
            case 3:
                total = count = 0;
                cout << "Cleared\n";
                break;
            default:
                cout << "Unknown\n";
        }
        cout << "Again (y/n)? ";
        cin >> again;
    } while (again == 'y' || again == 'Y');
    for (int i = 10; i > 0; i -= 3) cout << i << ' ';
    for (char c = 'a'; c <= 'e'; c++) cout << c;
    cout << endl;
    int n = 13;
    string bits = "";
    while (n) { bits = char('0' + n % 2) + bits; n /= 2; }
    cout << bits << endl;
    return 0;
}
