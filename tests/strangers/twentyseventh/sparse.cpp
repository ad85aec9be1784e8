#include <cstdio>
#include <cstdlib>
#include <cstring>
#define MAX 50
typedef struct { int row, col, val; } Cell;
typedef struct { Cell c[MAX]; int n, rows, cols; } Sparse;
void init(Sparse *s, int r, int c) { s->n = 0; s->rows = r; s->cols = c; }
int put(Sparse *s, int r, int c, int v) {
    int i;
    if (r < 0 || r >= s->rows || c < 0 || c >= s->cols) return 0;
    for (i = 0; i < s->n; i++)
        if (s->c[i].row == r && s->c[i].col == c) { s->c[i].val = v; return 1; }
    if (s->n == MAX) return 0;
    s->c[s->n].row = r; s->c[s->n].col = c; s->c[s->n].val = v;
    s->n++;
    return 1;
}
int get(const Sparse *s, int r, int c) {
    for (int i = 0; i < s->n; i++)
        if (s->c[i].row == r && s->c[i].col == c) return s->c[i].val;
    return 0;
}
Sparse add(Sparse a, const Sparse *b) {
    for (int i = 0; i < b->n; i++) put(&a, b->c[i].row, b->c[i].col, get(&a, b->c[i].row, b->c[i].col) + b->c[i].val);
    return a;
}
void print(const char *name, const Sparse *s) {
    printf("%s (%d)\n", name, s->n);
    for (int r = 0; r < s->rows; r++) {
        for (int c = 0; c < s->cols; c++) printf("%3d", get(s, r, c));
        printf("\n");
    }
}
int main(void) {
    Sparse a, b, sum;
    init(&a, 3, 4);
    init(&b, 3, 4);
    put(&a, 0, 0, 5); put(&a, 2, 3, 7); put(&a, 0, 0, 6);
    put(&b, 0, 0, 1); put(&b, 1, 1, -2);
    printf("%d %d\n", put(&a, 9, 9, 1), a.n);
    sum = add(a, &b);
    print("a", &a);
    print("sum", &sum);
    char word[20];
    int counts[26] = {0};
    strcpy(word, "hedgehog");
    for (int i = 0; word[i] != '\0'; i++) counts[word[i] - 'a']++;
    for (int i = 0; i < 26; i++)
        if (counts[i] > 1) printf("%c%d ", 'a' + i, counts[i]);
    printf("\n");
    for (int i = 0, j = strlen(word) - 1; i < j; i++, j--) { char t = word[i]; word[i] = word[j]; word[j] = t; }
    printf("%s %lu\n", word, (unsigned long)strlen(word));
    return EXIT_SUCCESS;
}
