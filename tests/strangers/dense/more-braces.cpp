#include <iostream>
#include <vector>
#include <map>
using namespace std;
struct P { int x, y; };
struct L { vector<P> ps; P one; map<string, P> by; int a[2]; vector<vector<P>> g; };
P make() { return {7, 8}; }
vector<P> many() { return {{1, 1}, {2, 2}}; }
int main() { L l; l.ps = {{1, 2}, {3, 4}}; l.one = {5, 6}; l.by["k"] = {8, 9}; l.g = {{{1, 2}}, {{3, 4}, {5, 6}}}; cout << l.ps[1].y << l.one.x << l.by["k"].y << make().y << many()[1].x << l.g[1][1].x << endl; vector<P> v; v = {{9, 9}}; cout << v[0].x; P q; q = {4, 5}; cout << q.y; P arr[2]; arr[1] = {6, 7}; cout << arr[1].x; L m = {{{1, 1}}, {2, 3}}; cout << m.ps[0].y << m.one.y << endl; }
