#include <cstdio>
#include <cstdlib>
#include <string>
#include <iostream>
using namespace std;
int main() { cout << atoi("42") + 1 << ' ' << atof("2.5") * 2 << ' ' << atoi("12abc") << ' ' << atoi("x") << ' ' << atof("1e2x") << endl; string s = "77"; int n = atoi(s.c_str()); char buf[20] = "8"; cout << n + atoi(buf) << endl; }
