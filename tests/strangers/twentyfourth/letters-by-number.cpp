#include <cstdio>
int main() { int n = 3; for (int i = 0; i < n; i++) printf("%d%c", i, i < n - 1 ? ',' : '\n'); char c = 'x'; printf("%c%c", c, n > 2 ? 'y' : 'n'); int code = 65; printf("%c", code); printf("%c%d", code + 1, 'a'); }
