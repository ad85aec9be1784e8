#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <algorithm>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };
struct Tree { int v; unique_ptr<Tree> l, r; Tree(int v) : v(v) {} ~Tree() { cout << "~" << v << " "; } };
void add(unique_ptr<Tree>& t, int x) { if (!t) t = make_unique<Tree>(x); else if (x < t->v) add(t->l, x); else add(t->r, x); }
int depth(const unique_ptr<Tree>& t) { return t ? 1 + max(depth(t->l), depth(t->r)) : 0; }
int main() { unique_ptr<Tree> t; for (int x : {5, 3, 8, 1, 4, 9}) add(t, x); cout << depth(t) << " built" << endl; t.reset(); cout << endl; }
