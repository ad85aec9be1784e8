#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };

int main() { map<string, unique_ptr<Pot>> m; m["b"] = make_unique<Pot>("b"); m["a"] = make_unique<Pot>("a"); m["b"] = make_unique<Pot>("bb"); for (auto& [k, p] : m) { cout << k << ":"; p->use(); } m.erase("a"); cout << m.size() << endl; }
