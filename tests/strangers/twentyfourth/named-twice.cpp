#include <cstdio>
struct node { int value; struct node *next; };
typedef struct node Node;
Node *push(Node *head, int v) { Node *n = new Node; n->value = v; n->next = head; return n; }
int main() { Node *head = NULL; for (int i = 0; i < 3; i++) head = push(head, i); for (Node *p = head; p != NULL; p = p->next) printf("%d ", p->value); }
