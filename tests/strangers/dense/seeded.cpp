#include <iostream>
#include <cstdlib>
using namespace std;
int main() {
    srand(42);
    for (int i = 0; i < 5; i++) cout << rand() % 6 + 1 << " ";
    int big = rand() % 1000;
    cout << big << endl;
}
