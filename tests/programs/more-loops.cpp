#include <iostream>
using namespace std;

int main() {
    int number = 20;
    while (number > 0) {
        number -= 6;
        if (number == 8) continue;
        cout << number << " ";
    }
    cout << endl;
    do {
        number++;
    } while (number < 3);
    cout << number << endl;
    for (int i = 3; i >= 0; i--) cout << i;
    cout << endl;
    int tries = 0;
    for (;;) {
        tries++;
        if (tries > 4) break;
    }
    while (true) {
        if (tries % 7 == 0) break;
        ++tries;
    }
    cout << tries << endl;
    for (int row = 1; row <= 3; row++) {
        for (int column = 1; column <= row; column++) cout << row * column << " ";
        cout << endl;
    }
    for (int i = 0; i < 3; ++i) {
        int square = i * i;
        cout << square << (i < 2 ? ", " : "\n");
    }
}
