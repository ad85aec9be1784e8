#include <iostream>
using namespace std;
int main() { string s = "aB3"; for (char c : s) { if (c >= 65 && c <= 90) cout << "U"; if (c == 51) cout << "three"; int d = c - 48; if (c < 58) cout << d; cout << (c > 96) << endl; } }