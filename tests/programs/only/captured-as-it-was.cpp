#include <iostream>
#include <functional>
#include <optional>
#include <vector>
using namespace std;
int main() {
  int k = 3; auto addk = [k](int n) { return n + k; }; auto all = [=]() { return k * 2; }; auto ref = [&]() { return k; };
  k = 10; k++;
  cout << addk(1) << all() << ref() << endl;
  vector<function<int(int)>> fs; for (int i = 0; i < 3; i++) fs.push_back([i](int x) { return x * i; });
  for (auto& f : fs) cout << f(10) << ' '; cout << endl;
  optional<int> h; if (!h) cout << "none"; h = 4; if (h) cout << *h << h.value() << h.value_or(1) << endl;
}
