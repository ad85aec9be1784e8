#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <algorithm>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };
int main() { unique_ptr<Pot> p = make_unique<Pot>("a"); Pot* raw = p.get(); unique_ptr<Pot> q = std::move(p); raw->use(); q->n = "b"; if (p == nullptr) cout << "p empty "; p = std::move(q); p->use(); Pot& r = *p; r.n = "c"; const Pot* c = p.get(); c->use(); int k = 0; while (k < 2) { unique_ptr<Pot> w(new Pot("w")); k++; if (k == 2) break; } switch (k) { case 2: { auto z = make_unique<Pot>("z"); z->use(); break; } default: cout << "no"; } cout << endl; }
