#include <iostream>
using namespace std;
int main() {
    int die = rand() % 6 + 1;
    cout << (die > 0) << endl;
}
