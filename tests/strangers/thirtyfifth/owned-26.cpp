#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <algorithm>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };
class Stack { struct Node { int v; unique_ptr<Node> next; Node(int v, unique_ptr<Node> n) : v(v), next(move(n)) {} ~Node() { cout << "~" << v << " "; } }; unique_ptr<Node> head; public: void push(int v) { head = make_unique<Node>(v, move(head)); } int pop() { int v = head->v; head = move(head->next); return v; } bool empty() const { return !head; } };
int main() { Stack s; for (int i = 0; i < 4; i++) s.push(i); cout << s.pop() << endl; cout << s.pop() << endl; cout << s.empty() << endl; }
