#include <cstdio>
int main() {
  int a, b; double d;
  if (scanf("%d %lf", &a, &d) != 2) { printf("bad\n"); return 1; }
  while (scanf("%d", &b) != EOF) { printf("%d ", b); if (b == 0) break; }
  if (scanf("%d", &a) == 1) printf("got %d\n", a);
  if (scanf("%d%d", &a, &b) == 2) printf("%d", a * b); else printf("none");
}
