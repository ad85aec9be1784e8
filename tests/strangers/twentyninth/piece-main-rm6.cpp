#include <iostream>
using namespace std;
bool run() { cout << "go" << endl; return false; }
int main() { bool ok = run(); if (ok) return 0; cout << "bad" << endl; return !ok; }
