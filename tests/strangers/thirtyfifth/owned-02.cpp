#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };

int f(int n) { auto p = make_unique<Pot>("p" + to_string(n)); if (n == 1) return 5; for (int i = 0; i < 3; i++) { auto q = make_unique<Pot>("q" + to_string(i)); if (i == n) break; if (i == 0) continue; q->use(); } if (n == 9) { return p->n.size(); } return n; }
int main() { cout << f(1) << endl; cout << f(2) << endl; cout << f(9) << endl; }
