#include <cstdio>
typedef struct { int row, val; } Cell;
typedef struct { Cell c[3]; int n; } Sparse;
void put(Sparse *s, int r, int v) { for (int i = 0; i < s->n; i++) if (s->c[i].row == r) { s->c[i].val = v; return; } s->c[s->n].row = r; s->c[s->n].val = v; s->n++; }
Sparse add(Sparse a, int k) { put(&a, 9, k); return a; }
void two(Sparse a) { a.n = 0; a.c[0].val = 77; }
int main(void) {
    Sparse a, sum; a.n = 0;
    put(&a, 1, 5);
    sum = add(a, 3);
    printf("%d %d %d\n", a.n, sum.n, a.c[0].val);
    two(a); printf("%d %d\n", a.n, a.c[0].val);
    Sparse b = a; b.c[0].val = 8; put(&b, 4, 4); printf("%d %d\n", a.c[0].val, a.n);
}
