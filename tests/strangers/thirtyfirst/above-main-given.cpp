#include <iostream>
using namespace std;
int n = 0, best = 0; bool done = false; double sum = 0; float f = 0;
void look() { cout << n << best << done << sum << endl; }
int main() { look(); n = 2.5; best = 'a'; done = 3; sum = 5; f = 1; cout << n << best << done << sum / 2 << f / 4 << endl; }
