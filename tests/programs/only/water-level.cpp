#include <iostream>
#include <stdexcept>
using namespace std;

int poured(int level, int litres) {
    if (level + litres > 100) {
        throw overflow_error("the barrel is full");
    }
    if (litres < 0) {
        throw invalid_argument("litres below zero");
    }
    return level + litres;
}

int main() {
    int level = 60;
    int amounts[] = {20, -5, 30, 10};
    for (int i = 0; i < 4; i++) {
        try {
            level = poured(level, amounts[i]);
            cout << "Level " << level << endl;
        } catch (const exception& problem) {
            cout << "Stopped: " << problem.what() << endl;
        }
    }
    return 0;
}
