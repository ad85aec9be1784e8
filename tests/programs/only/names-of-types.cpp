#include <iostream>
#include <vector>
#include <map>
using namespace std;
typedef vector<int> Row;
typedef vector<Row> Grid;
using Names = vector<string>;
using Table = map<string, Row>;
Row made(int n) { Row r; for (int i = 0; i < n; i++) r.push_back(i); return r; }
int main() { 
  Grid g(3, Row(4, 1));
  Row r(2), q = {1, 2}, z = Row(3);
  Row w{4, 5};
  Table t; t["a"] = Row(2, 7); t["b"].push_back(1);
  Names n = Names(2, "x");
  cout << g[2][3] << r.size() << q[1] << z.size() << t["a"][1] << n[1] << made(3).size() << w[1] << t.size() << endl;
  for (Row::iterator it = q.begin(); it != q.end(); ++it) cout << *it;
  for (const Row& x : g) cout << x.size();
  for (Table::iterator it = t.begin(); it != t.end(); it++) cout << it->first << it->second.size();
}
