#include <iostream>
using namespace std;
int f() { cout << "inside "; return 3; }
int main() {
    cout << "value: " << f() << endl;
    try { cout << "a" << stoi("x") << endl; } catch (const exception& e) { cout << "|" << endl; }
}
