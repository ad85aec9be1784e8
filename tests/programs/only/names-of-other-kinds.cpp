#include <iostream>
#include <string>
using namespace std;
int main() {
  int counts[26] = {0};
  counts[2]++;
  for (char c = 'a'; c <= 'z'; c++)
    if (counts[c - 'a'] > 0) cout << c;
  int c = 7;
  cout << c << endl;
  for (int k = 0; k < 2; k++) cout << k / 2;
  string k = "x";
  cout << k;
  for (auto s : {1, 2}) cout << s / 2;
  string s = "x";
  cout << s << endl;
}
