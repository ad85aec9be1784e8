#include <iostream>
#include <functional>
#include <map>
#include <string>
#include <vector>
using namespace std;
struct Bed { int size; };
typedef pair<int, int> pt;
int area(map<string, Bed> beds, int = 3);
void note(int, string s) { cout << s << endl; }
int apply(int (*f)(int, int), int a, int b) { return f(a, b); }
int add(int a, int b) { return a + b; }
int both(vector<pt> v, pt p) { return v.size() + p.first; }
class Shed { public: Shed(int) {} virtual int of(int, double) { return 1; } };
class Barn : public Shed { public: Barn() : Shed(2) {} int of(int n, double) override { return n; } };
int main() {
  map<string, Bed> m; m["a"] = Bed{4};
  cout << area(m) << area(m, 2) << endl;
  note(2, "two");
  cout << apply(add, 2, 3) << endl;
  cout << both({{1,2}}, {3,4}) << endl;
  Barn b; Shed s(5);
  cout << b.of(3, 2.0) << s.of(1, 1.0) << endl;
}
int area(map<string, Bed> beds, int n) { return beds["a"].size * n; }
