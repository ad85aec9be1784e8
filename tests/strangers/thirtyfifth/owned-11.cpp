#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };

void eat(unique_ptr<Pot> p, int times) { if (times == 0) return; p->use(); cout << "eaten "; }
int main() { eat(make_unique<Pot>("1"), 0); auto p = make_unique<Pot>("2"); eat(std::move(p), 2); cout << (p ? "still" : "gone") << endl; for (int i = 0; i < 2; ++i) { auto q = make_unique<Pot>("q"); eat(std::move(q), i); } }
