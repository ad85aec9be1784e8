#include <iostream>
#include <vector>
using namespace std;
long long memo[50];
long long fib(int n) { if (n < 2) return n; if (memo[n]) return memo[n]; return memo[n] = fib(n-1) + fib(n-2); }
int main() {
  vector<int> v = {4,5,6}; int i = 0, s = 0;
  while (i < 3) s += v[i++];
  cout << s << " " << i << endl;
  int y = i++ * 2; 
  cout << y << i << endl;
  int n = 0;
  for (;;) { if (++n > 3) break; cout << n; }
  cout << endl << fib(40) << endl;
  int c;
  if ((c = v[0]) == 4) cout << c << endl;
  int k[3] = {0}; 
  cout << k[1]++ + 5 << k[1] << endl;
  while (i --> 0) cout << i << ' ';
}
