#include <iostream>
#include <string>
#include <limits>
using namespace std;

const int MAX = 50;

struct Student {
    string name;
    int marks[3];
    float average;
};

void inputStudent(Student &s);
float computeAverage(const int marks[], int n);
void sortStudents(Student list[], int n);
char grade(float avg);

int main() {
    Student list[MAX];
    int n = 0, choice;
    do {
        cout << "1) Add 2) List 3) Quit: ";
        while (!(cin >> choice)) {
            if (cin.eof()) { choice = 3; break; }
            cin.clear();
            cin.ignore(numeric_limits<streamsize>::max(), '\n');
            cout << "Please enter a number: ";
        }
        switch (choice) {
            case 1:
                if (n == MAX) { cout << "Full!" << endl; break; }
                inputStudent(list[n]);
                n++;
                break;
            case 2: {
                sortStudents(list, n);
                for (int i = 0; i < n; i++) {
                    cout << i + 1 << ". " << list[i].name << "\t" << list[i].average << "\t" << grade(list[i].average) << endl;
                }
                break;
            }
            case 3:
                cout << "Bye" << endl;
                break;
            default:
                cout << "Wrong choice" << endl;
        }
    } while (choice != 3);
    return 0;
}

void inputStudent(Student &s) {
    cin.ignore();
    cout << "Name: ";
    getline(cin, s.name);
    for (int i = 0; i < 3; i++) {
        cout << "Mark " << i + 1 << ": ";
        cin >> s.marks[i];
    }
    s.average = computeAverage(s.marks, 3);
}

float computeAverage(const int marks[], int n) {
    int sum = 0;
    for (int i = 0; i < n; i++) sum += marks[i];
    return (float)sum / n;
}

void sortStudents(Student list[], int n) {
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - i - 1; j++)
            if (list[j].average < list[j + 1].average) {
                Student t = list[j];
                list[j] = list[j + 1];
                list[j + 1] = t;
            }
}

char grade(float avg) {
    if (avg >= 90) return 'A';
    else if (avg >= 75) return 'B';
    return avg >= 50 ? 'C' : 'F';
}
