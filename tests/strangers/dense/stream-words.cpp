#include <iostream>
#include <sstream>
using namespace std;
int main() { stringstream ss("12 abc 3.5"); int n; string word; double d; ss >> n >> word >> d; cout << n + 1 << word << d * 2 << endl; }
