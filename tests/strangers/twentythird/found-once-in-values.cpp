#include <iostream>
#include <vector>
#include <map>
#include <string>
using namespace std;
int n = 0;
int next_() { cout << "."; return n++; }
int main() {
  vector<int> f(6);
  int y = f[next_()]++; int z = ++f[next_()]; cout << (f[next_()] += 4) << y << z; 
  if (f[next_()]++ == 0) cout << "zero";
  cout << f[0] << f[1] << f[2] << f[3] << n << endl;
  int a[4] = {1, 2, 3, 4}, i = 0;
  a[i++] = a[i] + 10; cout << a[0] << i;
  a[i++] += 5; a[++i] -= 1; cout << a[1] << a[3] << i << endl;
  map<string, int> m; string w = "x"; m[w + "y"]++; m[w + "y"] += 2; ++m["z"]; cout << m["xy"] << m["z"] << m.size() << endl;
}
