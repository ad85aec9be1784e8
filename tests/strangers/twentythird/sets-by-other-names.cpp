#include <iostream>
#include <set>
#include <vector>
using namespace std;
void f(set<int>* p) { set<int>& r = *p; r.insert(9); }
void g(vector<int>* p) { vector<int>& r = *p; r.push_back(9); }
void h(set<int>& p) { set<int>& r = p; r.insert(8); }
int main() { set<int> s = {3}; vector<int> v; f(&s); g(&v); h(s); for (int e : s) cout << e << ' '; for (int e : v) cout << e << ' '; }
