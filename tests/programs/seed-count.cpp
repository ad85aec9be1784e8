#include <iostream>
using namespace std;

// How many seeds fit into the drawers?
int main() {
    int drawers = 7, perDrawer = 24;
    int total = drawers * perDrawer;
    cout << "drawers: " << drawers << ", seeds: " << total << endl;
    cout << total / 5 << " packets and " << total % 5 << " left" << endl;
    total -= 100;
    total /= 3;
    total++;
    --total;
    cout << total << endl;
}
