#include <iostream>
using namespace std;

void change(int &a, int &b) {
    int kept = a;
    a = b;
    b = kept;
}

int main() {
    int beans = 3;
    int peas = 8;
    change(beans, peas);
    cout << beans << " " << peas << endl;
}
