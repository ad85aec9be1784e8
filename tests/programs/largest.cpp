#include <iostream>
#include <vector>
using namespace std;

int main() {
    vector<int> weights = {310, 275, 402, 398};
    int largest = weights[0];
    for (int i = 1; i < 4; i++) {
        if (weights[i] > largest) {
            largest = weights[i];
        }
    }
    cout << "largest " << largest << endl;
}
