#include <iostream>
#include <vector>
using namespace std;
class V { vector<int> a = {1, 2, 3}; public: int& operator[](int i) { return a[i]; } int operator[](int i) const { return a[i]; } int size() const { return a.size(); } };
class G { vector<vector<int>> c = {{1, 2}, {3, 4}}; public: vector<int>& operator[](int r) { return c[r]; } };
int main() { V v; int& r = v[1]; r = 50; cout << v[1]; const auto& k = v[2]; cout << k; auto x = v[0]; x = 9; cout << v[0] << x; G g; auto& row = g[1]; row[0] = 8; cout << g[1][0] << row.size(); for (auto& e : g[0]) e++; cout << g[0][1]; v[0] += 4; v[0]++; cout << v[0]; }
