#include <iostream>
#include <string>
using namespace std;
int seats = 10;
void free(int n) { seats += n; }
void show(string const &s) { cout << s << seats << endl; }
int main() { free(3); show("seats "); }
