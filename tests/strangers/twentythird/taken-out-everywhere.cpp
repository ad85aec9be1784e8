#include <iostream>
#include <vector>
#include <algorithm>
using namespace std;
vector<int> g = {8, 1, 8};
void f(vector<int>& v) { v.erase(remove(v.begin(), v.end(), 8), v.end()); }
void h() { g.erase(remove_if(g.begin(), g.end(), [](int x) { return x == 8; }), g.end()); }
void u(vector<int>& v) { v.erase(unique(v.begin(), v.end()), v.end()); }
void p(vector<int>* v) { v->erase(remove(v->begin(), v->end(), 1), v->end()); }
struct S { vector<int> a = {8, 2}; void m() { a.erase(remove(a.begin(), a.end(), 8), a.end()); } };
int main() { vector<int> v = {8, 1, 1, 8}; f(v); h(); u(v); S s; s.m(); cout << v.size() << g.size() << s.a.size(); p(&v); cout << v.size(); }
