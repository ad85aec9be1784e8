#include <iostream>
using namespace std;
int main() {
  char c = 'a';
  while (c < 'e') { cout << c; c++; }
  cout << c << endl;
  for (char d = 'a'; d < 'e'; d++) cout << d;
  for (char d = 'z'; d >= 'v'; d--) cout << d;
}
