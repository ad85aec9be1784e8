#include <iostream>
using namespace std;
struct Node { int key; Node* next; };
void push(Node** head, int k) { Node* n = new Node{k, *head}; *head = n; }
int main() { Node* table[3] = {nullptr, nullptr, nullptr}; push(&table[1], 4); push(&table[1], 7); push(&table[2], 2); for (int i = 0; i < 3; i++) { cout << i << ":"; for (Node* p = table[i]; p; p = p->next) cout << p->key << ' '; } }
