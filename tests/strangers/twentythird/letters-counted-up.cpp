#include <iostream>
#include <string>
#include <map>
#include <vector>
using namespace std;
struct S { char c = 'a'; string t = "abc"; };
int main() {
  S s; s.c++; s.c += 2; s.t[0]++; s.t[1] -= 1; cout << s.c << s.t;
  map<string, char> m; m["k"] = 'x'; m["k"]++; cout << m["k"] << int(m["k"]);
  vector<char> v = {'a', 'b'}; v[0] += 3; --v[1]; cout << v[0] << v[1];
  pair<char, int> p = {'q', 1}; p.first++; cout << p.first;
  string w = "hal"; for (char& c : w) c++; cout << w; for (auto& c : w) c = toupper(c); cout << w;
  char a[3] = {'x', 'y', 'z'}; a[1]--; cout << a[1]; char c = 'z'; c -= 25; cout << c << (c == 'a') << (char)(c + 1) << c + 1;
}
