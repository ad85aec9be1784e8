#include <cstdio>
#include <cstdlib>
#include <cstring>
struct node { int value; struct node *next; };
typedef struct node Node;
Node *push(Node *head, int v) { Node *n = (Node *)malloc(sizeof(Node)); n->value = v; n->next = head; return n; }
int main() {
  int n = 4;
  int *a = (int *)malloc(n * sizeof(int));
  for (int i = 0; i < n; i++) a[i] = i * i;
  for (int i = 0; i < n; i++) printf("%d%c", a[i], i < n - 1 ? ',' : '\n');
  free(a);
  double *d = (double*) calloc(3, sizeof(double)); d[1] = 2.5; printf("%.1f %.1f\n", d[0], d[1]); free(d);
  Node *head = NULL; for (int i = 0; i < 3; i++) head = push(head, i);
  for (Node *p = head; p != NULL; p = p->next) printf("%d ", p->value);
  while (head) { Node *t = head; head = head->next; free(t); }
  printf("%d %d\n", strncmp("fernh", "fern", 4), atoi("12x") + 1);
  printf("%.2f %.1f\n", atof("2.5kg"), strtod("3.5", NULL));
}
