#include <iostream>
using namespace std;
typedef int whole;
int main() {
    whole die = 3;
    cout << die << endl;
}
