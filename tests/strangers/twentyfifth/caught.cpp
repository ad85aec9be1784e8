#include <iostream>
#include <functional>
#include <vector>
using namespace std;
int main() {
  vector<function<int()>> fs;
  vector<int> got;
  for (int i = 0; i < 3; i++) {
    int local = i * 2;
    fs.push_back([i]() { return i; });
    auto f = [&](int k) { got.push_back(k + local + i); local++; };
    f(1); f(2);
    for_each(got.begin(), got.end(), [&](int g) { cout << g + local << " "; });
    cout << endl;
  }
  for (auto& f : fs) cout << f() << endl;
}
