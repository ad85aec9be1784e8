#include <iostream>
#include <string>
#include <vector>
using namespace std;

struct Task {
    string name;
    int minutes;
    bool done = false;
};

int menu() {
    cout << "1 add 2 list 3 total 4 quit" << endl << "> ";
    int choice;
    cin >> choice;
    return choice;
}

int main() {
    vector<Task> tasks;
    int choice;
    do {
        choice = menu();
        switch (choice) {
            case 1: {
                Task t;
                cout << "Name: ";
                cin.ignore();
                getline(cin, t.name);
                cout << "Minutes: ";
                while (!(cin >> t.minutes) || t.minutes <= 0) {
                    cin.clear();
                    cin.ignore(1000, '\n');
                    cout << "A number please: ";
                }
                tasks.push_back(t);
                break;
            }
            case 2:
                if (tasks.empty()) {
                    cout << "Nothing yet" << endl;
                }
                for (size_t i = 0; i < tasks.size(); i++)
                    cout << i + 1 << ". " << tasks[i].name << " " << tasks[i].minutes << " min" << endl;
                break;
            case 3: {
                int total = 0;
                for (const Task& t : tasks) total += t.minutes;
                cout << "Total: " << total / 60 << "h " << total % 60 << "m" << endl;
                break;
            }
            case 4:
                cout << "Bye" << endl;
                break;
            default:
                cout << "Not on the menu" << endl;
        }
    } while (choice != 4);
    return 0;
}
