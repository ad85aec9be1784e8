#include <iostream>
using namespace std;
int main() { int a, b; while (cin >> a >> b, a || b) cout << a + b << endl; cout << (cin.fail() ? "end" : "zero"); }
