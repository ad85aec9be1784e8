#include <iostream>
#include <limits>
#include <string>
#include <vector>
using namespace std;

enum class Status { Open, Done };

struct Task {
    string text;
    Status status = Status::Open;
};

const char* label(Status s) {
    switch (s) {
        case Status::Open: return "open";
        case Status::Done: return "done";
    }
    return "?";
}

void show(const vector<Task>& tasks) {
    if (tasks.empty()) { cout << "No tasks.\n"; return; }
    int i = 1;
    for (const Task& t : tasks) cout << i++ << ". " << t.text << " [" << label(t.status) << "]\n";
}

int readNumber(const string& prompt, int low, int high) {
    int n;
    while (true) {
        cout << prompt;
        if (cin >> n && n >= low && n <= high) {
            cin.ignore(numeric_limits<streamsize>::max(), '\n');
            return n;
        }
        if (cin.eof()) return 0;
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
        cout << "Please enter a number from " << low << " to " << high << ".\n";
    }
}

int main() {
    vector<Task> tasks;
    int choice;
    do {
        cout << "1 add, 2 done, 3 list, 0 quit\n";
        choice = readNumber("? ", 0, 3);
        switch (choice) {
            case 1: {
                Task t;
                cout << "Text: ";
                getline(cin, t.text);
                tasks.push_back(t);
                break;
            }
            case 2:
                if (tasks.empty()) { cout << "Nothing to do.\n"; break; }
                tasks[readNumber("Which? ", 1, tasks.size()) - 1].status = Status::Done;
                break;
            case 3:
                show(tasks);
                break;
            default:
                cout << "Bye\n";
        }
    } while (choice != 0);
}
