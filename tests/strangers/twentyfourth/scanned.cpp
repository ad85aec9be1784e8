#include <stdio.h>
int main(void) {
  int value, total = 0;
  while (scanf("%d", &value) == 1) total += value;
  printf("total %d\n", total);
}
