#include <iostream>
#include <string>
using namespace std;

const int MAX_STUDENTS = 3;

struct Student {
    string name;
    int id;
    double gpa;
};

int readInt(const string& prompt) {
    int value;
    cout << prompt;
    while (!(cin >> value)) {
        cin.clear();
        cin.ignore(10000, '\n');
        cout << "Try again: ";
    }
    return value;
}
void printStudent(const Student& s) {
    cout << "Name: " << s.name << "\tID: " << s.id << "\tGPA: " << s.gpa << endl;
}
bool findStudent(Student list[], int n, int id, Student& out) {
    for (int i = 0; i < n; i++)
        if (list[i].id == id) { out = list[i]; return true; }
    return false;
}
void sortByGpa(Student arr[], int n) {
    for (int i = 0; i < n - 1; ++i) {
        int best = i;
        for (int j = i + 1; j < n; ++j) if (arr[j].gpa > arr[best].gpa) best = j;
        if (best != i) { Student tmp = arr[i]; arr[i] = arr[best]; arr[best] = tmp; }
    }
}
int main() {
    Student students[MAX_STUDENTS] = { {"Rose", 1, 3.5}, {"Fern", 2, 3.9}, {"Moss", 3, 2.75} };
    int choice;
    do {
        cout << "1) list 2) find 3) sort 0) quit > ";
        choice = readInt("");
        switch (choice) {
            case 1: for (const auto& s : students) printStudent(s); break;
            case 2: {
                Student found;
                int id = readInt("id? ");
                if (findStudent(students, MAX_STUDENTS, id, found)) printStudent(found);
                else cout << "none" << endl;
                break;
            }
            case 3: sortByGpa(students, MAX_STUDENTS); cout << "sorted\n"; break;
            case 0: cout << "Bye!" << endl; break;
            default: cout << "?" << endl;
        }
    } while (choice != 0);
    return 0;
}
