#include <iostream>
using namespace std;
struct Node { int key; Node* next; };
class List { Node* head = nullptr; static void add(Node** h, int k) { if (*h == nullptr) *h = new Node{k, nullptr}; else add(&(*h)->next, k); } public: void push(int k) { add(&head, k); } void show() { for (Node* p = head; p; p = p->next) cout << p->key; } };
int main() { List l; l.push(1); l.push(2); l.push(3); l.show(); }
