#include <iostream>
#include <set>
using namespace std;
int main() { set<int> s = {1, 2, 3}; for (auto it = s.begin(); it != s.end();) { if (*it == 2) it = s.erase(it); else ++it; } for (int x : s) cout << x; 
  char letter = 'd'; cout << letter-- << letter++ << --letter;
}
