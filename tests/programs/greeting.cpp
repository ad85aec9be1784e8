#include <iostream>
#include <string>
using namespace std;

void greet(string name, int times = 2) {
    for (int i = 0; i < times; i++) {
        cout << "Hello, " << name << "!" << endl;
    }
}

int main() {
    greet("Juniper");
    greet("Rowan", 1);
}
