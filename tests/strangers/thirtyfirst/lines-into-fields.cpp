#include <iostream>
#include <string>
#include <sstream>
#include <vector>
using namespace std;
struct B { string t; vector<string> all; int n = 0;
  void a() { if (getline(cin, t)) n++; }
  void b() { while (getline(cin, t) && t != "end") all.push_back(t); }
  void c() { stringstream s("x,y"); while (getline(s, t, ',')) all.push_back(t); }
  void d() { all.resize(4); getline(cin, all[0]); cin >> all[1] >> n; cin >> t; }
  void e(string& r) { getline(cin, r); }
  friend istream& operator>>(istream& in, B& b) { in >> b.t >> b.n; return in; } };
void f(string& s) { getline(cin, s); }
string g;
void h() { getline(cin, g); }
int main() { B b; b.a(); cout << b.t << b.n << endl; b.b(); cout << b.t << b.all.size() << endl; b.c(); cout << b.t << b.all.size() << endl; b.d(); cout << b.all[0] << b.all[1] << b.n << b.t << endl; cin.ignore(); string w; b.e(w); cout << w << endl; b.e(b.t); cout << b.t << endl; f(b.t); f(w); cout << b.t << w << endl; h(); cout << g << endl; cin >> b; cout << b.t << b.n << endl; }
