#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <algorithm>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };
int main() { vector<unique_ptr<Pot>> v; for (string s : {"d", "a", "c", "b"}) v.push_back(make_unique<Pot>(s)); sort(v.begin(), v.end(), [](const unique_ptr<Pot>& a, const unique_ptr<Pot>& b) { return a->n < b->n; }); for (auto& p : v) p->use(); for (auto it = v.begin(); it != v.end(); ) { if ((*it)->n > "b") it = v.erase(it); else ++it; } cout << v.size() << endl; return 0; }
