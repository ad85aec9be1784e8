#include <iostream>
#include <vector>
using namespace std;
struct In { double d; string s; bool b; };
struct P { int x; In in; vector<int> v; };
int main() { vector<P> v(2); P p = {}; P q{}; cout << v[1].x << v[1].in.d << v[1].in.s.size() << v[1].v.size() << p.x << q.in.b << endl; }
