#include <iostream>
using namespace std;

int main() {
    double price = 2.5;
    int amount = 12;
    double cost = price * amount;
    if (amount >= 10) {
        cost = cost * 0.9;
    }
    cout << "That is " << cost << endl;
}
