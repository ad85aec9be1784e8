#include <iostream>
using namespace std;

int main() {
    const int secret = 17;
    int tries = 0;
    int guess = 0;
    while (guess != secret) {
        cin >> guess;
        tries++;
        if (guess < secret) {
            cout << "more" << endl;
        } else if (guess > secret) {
            cout << "fewer" << endl;
        }
    }
    cout << "right after " << tries << endl;
}
