#include <iostream>
#include <string>
#include <limits>
using namespace std;

const int SIZE = 5;

struct Tool {
    string name;
    int loans;
};

void showMenu() {
    cout << "\n1) add\n2) lend\n3) list\n4) quit\nChoice: ";
}

int readNumber(int low, int high) {
    int n;
    while (!(cin >> n) || n < low || n > high) {
        if (cin.eof()) return high;
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
        cout << "Between " << low << " and " << high << ": ";
    }
    cin.ignore(10000, '\n');
    return n;
}

int findTool(Tool tools[], int count, string name) {
    for (int i = 0; i < count; i++)
        if (tools[i].name == name) return i;
    return -1;
}

int main() {
    Tool tools[SIZE];
    int count = 0, choice;
    do {
        showMenu();
        choice = readNumber(1, 4);
        switch (choice) {
        case 1:
            if (count == SIZE) {
                cout << "full" << endl;
                break;
            }
            cout << "Name? ";
            getline(cin, tools[count].name);
            tools[count].loans = 0;
            count++;
            break;
        case 2: {
            string name;
            cout << "Which? ";
            getline(cin, name);
            int place = findTool(tools, count, name);
            if (place >= 0)
                cout << tools[place].name << " lent " << ++tools[place].loans << " times" << endl;
            else
                cout << "no " << name << endl;
            break;
        }
        case 3:
            for (int i = 0; i < count; i++)
                cout << i + 1 << ". " << tools[i].name << "\t" << tools[i].loans << endl;
            break;
        case 4:
            cout << "Goodbye!" << endl;
        }
    } while (choice != 4);
    return 0;
}
