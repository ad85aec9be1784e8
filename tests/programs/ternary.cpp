#include <iostream>
#include <string>
using namespace std;

int main() {
    for (int bed = 1; bed <= 4; bed++) {
        string plant = bed % 2 == 0 ? "beans" : "peas";
        cout << "bed " << bed << ": " << plant << endl;
    }
}
