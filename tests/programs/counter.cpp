#include <iostream>
using namespace std;

int visitors = 0;

void gate(int people) {
    visitors += people;
    cout << "now " << visitors << endl;
}

int main() {
    gate(3);
    gate(4);
    cout << "in all " << visitors << endl;
}
