#include <iostream>
using namespace std;
int main() {
    int die = random(1, 6);
    cout << (die > 0) << endl;
}
