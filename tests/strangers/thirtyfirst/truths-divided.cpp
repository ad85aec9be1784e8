#include <iostream>
using namespace std;
int main() { bool b = true; int n = 3; cout << b / 2 << " " << (n > 2) / 2 << " " << 7 / b << " " << b / 2.0 << endl; long long k = (long long) 'a'; char c = 'b'; long long m = (long long) c; cout << k << m << static_cast<long long>(c) << (long) c << endl; }
