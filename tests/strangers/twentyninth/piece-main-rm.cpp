#include <iostream>
using namespace std;
int run() { cout << "ran" << endl; return 2; }
int main() { return run(); }
