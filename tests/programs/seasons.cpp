#include <iostream>
using namespace std;

int main() {
    for (int month = 1; month <= 4; month++) {
        switch (month) {
            case 1:
            case 2:
                cout << "winter" << endl;
                break;
            case 3:
                cout << "spring begins" << endl;
                break;
            default:
                cout << "later" << endl;
        }
    }
}
