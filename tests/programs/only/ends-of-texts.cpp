#include <iostream>
#include <string>
using namespace std;
int main() {
  string s = "ab c"; int i = 0;
  while (s[i] && s[i] != ' ') i++;
  cout << i;
  if (!s[4]) cout << "end";
  char t[] = "xyz";
  for (i = 0; t[i]; ++i) ;
  cout << i;
  for (int k = 0; t[k] != 0; k++) cout << t[k];
  int list[] = {3, 2, 0};
  for (int k = 0; list[k]; k++) cout << list[k];
  cout << (s[1] ? "y" : "n") << endl;
}
