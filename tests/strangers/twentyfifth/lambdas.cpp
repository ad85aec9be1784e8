#include <iostream>
using namespace std;
int main() {
  auto f = [](int a, int b = 2) { return a + b; };
  cout << f(1) << f(1, 1) << endl;
  auto g = [](string s, int n = 2) { for (int i = 0; i < n; i++) cout << s; cout << endl; };
  g("x"); g("y", 3);
}
