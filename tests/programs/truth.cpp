#include <iostream>
using namespace std;

int main() {
    bool wet = true;
    bool cold = false;
    if (wet && !cold) {
        cout << "sow" << endl;
    }
    if (cold || !wet) {
        cout << "wait" << endl;
    } else {
        cout << "ready" << endl;
    }
}
