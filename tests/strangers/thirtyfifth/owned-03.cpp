#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };

struct Node { int v; unique_ptr<Node> next; Node(int v) : v(v) {} ~Node() { cout << "~" << v << " "; } };
int main() { auto head = make_unique<Node>(1); head->next = make_unique<Node>(2); head->next->next = make_unique<Node>(3); Node* at = head.get(); while (at) { cout << at->v << " "; at = at->next.get(); } head->next = move(head->next->next); cout << "| "; head = nullptr; cout << "end" << endl; }
