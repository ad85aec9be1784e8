#include <iostream>
using namespace std;

int bed = 5;

int seen() {
    return bed;
}

int main() {
    cout << bed << " ";
    int bed = 1;
    if (bed == 1) {
        int bed = 2;
        bed++;
        cout << bed << " ";
    }
    for (int bed = 7; bed < 9; bed++) cout << bed << " ";
    cout << bed << " " << seen() << endl;
    for (int i = 0; i < 2; i++) {
        int count = 0;
        count += i;
        cout << count;
    }
    for (int i = 5; i < 7; i++) cout << i;
    cout << endl;
}
