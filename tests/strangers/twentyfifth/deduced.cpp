#include <iostream>
#include <vector>
#include <array>
#include <string>
#include <utility>
#include <tuple>
#include <set>
using namespace std;
int main() {
  vector v{1, 2, 3};
  std::vector w = {1.5, 2.5};
  array a{4, 5, 6};
  pair p{1, 2.5};
  pair q(3, 'c');
  tuple t{1, 2.5, 'x'};
  vector<pair<int,int>> ps;
  ps.push_back(pair{1, 2});
  ps.push_back(pair(3, 4));
  vector names{string("a"), string("b")};
  vector words{"x"s, "y"s};
  set ss{3, 1, 2};
  auto k = "ab"s + "cd";
  for (int x : v) cout << x; for (double x : w) cout << x; for (int x : a) cout << x;
  cout << p.first << p.second << q.first << q.second << get<1>(t) << ps[1].second << names[1] << words[0] << ss.size() << k << endl;
}
