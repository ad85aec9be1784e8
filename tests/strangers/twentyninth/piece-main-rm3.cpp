#include <iostream>
using namespace std;
int failures = 0;
void check(bool b) { if (!b) failures++; }
int main() {
    check(false); check(true);
    cout << failures << endl;
    return failures; // tell
}
