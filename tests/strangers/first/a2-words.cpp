#include <iostream>
#include <map>
#include <sstream>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;
int main() {
  map<string,int> c;
  stringstream ss("the bee and the beetle met the bee in the bed");
  string w;
  while (ss >> w) c[w]++;
  for (auto& p : c) cout << p.first << ": " << p.second << endl;
  vector<pair<string,int>> v(c.begin(), c.end());
  sort(v.begin(), v.end(), [](const auto& a, const auto& b) { return a.second != b.second ? a.second > b.second : a.first < b.first; });
  for (size_t i = 0; i < 3; i++) cout << v[i].first << "=" << v[i].second << " ";
  cout << endl << c.size() << " " << c.count("worm") << endl;
}
