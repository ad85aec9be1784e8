#include <iostream>
#include <iomanip>
using namespace std;
template <typename A, typename B> auto add(A a, B b) { return a + b; }
int main() {
  cout << add(1, 2.5) << add(string("x"), "y") << endl;
  cout << setprecision(3) << add(1, 2.5555) << add(string("x"), "y") << endl;
}
