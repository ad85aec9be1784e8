#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };

class Shelf { string name; unique_ptr<Pot> best; vector<unique_ptr<Pot>> rest; public: Shelf(string n, unique_ptr<Pot> b) : name(n), best(std::move(b)) {} ~Shelf() { cout << "shelf " << name << " "; } void put(unique_ptr<Pot> p) { rest.push_back(std::move(p)); } unique_ptr<Pot> take() { auto p = std::move(rest.back()); rest.pop_back(); return p; } void swapBest() { swap(best, rest[0]); } };
int main() { Shelf s("A", make_unique<Pot>("gold")); s.put(make_unique<Pot>("1")); s.put(make_unique<Pot>("2")); { auto t = s.take(); t->use(); } s.swapBest(); s.put(make_unique<Pot>("3")); cout << "end" << endl; }
