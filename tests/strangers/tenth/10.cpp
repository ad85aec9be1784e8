#include <iostream>
#include <string>
using namespace std;

int readNumber(const string& prompt, int low, int high) {
    int n;
    while (true) {
        cout << prompt;
        if (cin >> n && n >= low && n <= high) {
            cin.ignore(1000, '\n');
            return n;
        }
        cout << "Please enter a number from " << low << " to " << high << endl;
        cin.clear();
        cin.ignore(1000, '\n');
    }
}

void menu() {
    cout << "1) add  2) list  3) quit" << endl;
}

int main() {
    const int MAX = 5;
    string names[MAX];
    int count = 0, choice;
    do {
        menu();
        choice = readNumber("> ", 1, 3);
        switch (choice) {
        case 1:
            if (count < MAX) {
                cout << "Name: ";
                getline(cin, names[count]);
                count++;
            } else
                cout << "full" << endl;
            break;
        case 2:
            for (int i = 0; i < count; ++i)
                cout << i + 1 << ". " << names[i] << " (" << names[i].length() << ")" << endl;
            break;
        default:
            cout << "Bye!" << endl;
        }
    } while (choice != 3);
    return 0;
}
