#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };

unique_ptr<Pot> pick(bool b) { auto x = make_unique<Pot>("x"); auto y = make_unique<Pot>("y"); if (b) return x; return y; }
int main() { auto a = pick(true); auto b = pick(false); a->use(); b->use(); a = move(b); if (!b) cout << "b empty "; cout << endl; }
