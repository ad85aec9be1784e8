#include <iostream>
using namespace std;
int main() {
    cout << "before" << endl;
    return 0;
    cout << "after" << endl;
}
