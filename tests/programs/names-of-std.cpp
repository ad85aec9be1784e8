#include <iostream>
using std::cout;
using std::endl;
int main() {
    cout << 3 << endl;
}
