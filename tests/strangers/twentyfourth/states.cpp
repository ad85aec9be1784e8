#include <iostream>
using namespace std;
int main() { int a = 0; cin >> a; if (cin.fail()) cout << "bad"; else cout << a; cin >> a; bool f = cin.fail(); cout << f << cin.eof() << (cin ? 1 : 0); while (!cin.fail() && a < 3) { a++; } cout << (cin.fail() ? "end" : "zero"); }
