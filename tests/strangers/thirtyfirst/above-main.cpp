#include <iostream>
using namespace std;
int total; double part; string name; bool flag;
void add() { total += 5; part += total / 2; name += "x"; flag = !flag; }
int main() { cout << total << part << name << flag << endl; add(); cout << total << endl; total = total * 2.6; part = 1; name = 'c'; flag = 7; cout << total << part / 2 << name.size() << flag << endl; }
