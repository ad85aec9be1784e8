#include <iostream>
#include <functional>
#include <vector>
#include <string>
using namespace std;
int one() { auto show = [](int x) { cout << x << endl; return x; }; return show(3); }
void two() { auto show = [](string a, int b) { cout << a << b << endl; }; show("a", 4); }
int main() {
  one(); two();
  auto show = []() { cout << "none" << endl; };
  show();
  vector<function<int()>> fs{[]() { return 1; }};
  for (auto& show : fs) cout << show() << endl;
}
