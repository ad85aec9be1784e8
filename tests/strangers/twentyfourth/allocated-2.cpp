#include <cstdio>
#include <cstdlib>
#include <cstring>
struct node { int value; struct node *next; };
struct node *push(struct node *head, int v) { struct node *n = (struct node *)malloc(sizeof(struct node)); n->value = v; n->next = head; return n; }
int main() {
  int n = 4;
  int *a = (int *)malloc(n * sizeof(int));
  for (int i = 0; i < n; i++) a[i] = i * i;
  for (int i = 0; i < n; i++) printf("%d%c", a[i], i < n - 1 ? ',' : '\n');
  free(a);
  double *d = (double*) calloc(3, sizeof(double)); d[1] = 2.5; printf("%.1f %.1f\n", d[0], d[1]); free(d);
  struct node *head = NULL; for (int i = 0; i < 3; i++) head = push(head, i);
  for (struct node *p = head; p != NULL; p = p->next) printf("%d ", p->value);
  while (head) { struct node *t = head; head = head->next; free(t); }
  printf("%d %d\n", strncmp("fernh", "fern", 4), strncmp("a", "b", 1) < 0);
}
