#include <iostream>
#include <string>
using namespace std;

string season(int month) {
    switch (month) {
        case 12:
        case 1:
        case 2:
            return "winter";
        case 3: {
            return "early spring";
        }
        default:
            return "later";
    }
}

char grade(int marks) {
    if (marks >= 9) return 'A';
    else if (marks >= 7) return 'B';
    return 'C';
}

int main() {
    for (int month = 1; month <= 4; month++) cout << season(month) << " ";
    cout << endl;
    char key = 'b';
    switch (key) {
        case 'a':
            cout << "first" << endl;
            break;
        case 'b':
            cout << "second" << endl;
            break;
        default:
            cout << "other" << endl;
    }
    switch (7 % 3) {
        case 1: cout << "one left" << endl; break;
        case 2: cout << "two left" << endl; break;
    }
    cout << grade(9) << grade(7) << grade(1) << endl;
    int age = 12;
    bool dry = true;
    if (age >= 10 && age <= 16 || !dry) cout << "pupil" << endl;
    if (dry and not (age > 20)) cout << "words" << endl;
    string mood = age > 11 ? "old" : "young";
    cout << mood << (age == 12 ? "!" : "?") << endl;
}
