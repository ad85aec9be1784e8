#include <cstdio>
#include <cstdlib>
#include <cstring>
struct Bed { char name[20]; int rows; };
int by_rows(const void *a, const void *b) { return ((Bed *)a)->rows - ((Bed *)b)->rows; }
int by_name(const void *a, const void *b) {
    const Bed *x = (const Bed *)a;
    const Bed *y = (const Bed *)b;
    return strcmp(x->name, y->name);
}
int cmp(const void* a, const void* b) {
    int x = *(const int*)a, y = *(const int*)b;
    if (x < y) return -1;
    if (x > y) return 1;
    return 0;
}
int cmpd(const void* a, const void* b) { return (*(double*)a > *(double*)b) - (*(double*)a < *(double*)b); }
int main() {
    struct Bed beds[3] = {{"kale", 3}, {"bean", 1}, {"pea", 2}};
    qsort(beds, 3, sizeof(struct Bed), by_rows);
    for (int i = 0; i < 3; i++) printf("%s %d\n", beds[i].name, beds[i].rows);
    qsort(beds, 3, sizeof(beds[0]), by_name);
    for (int i = 0; i < 3; i++) printf("%s %d\n", beds[i].name, beds[i].rows);
    int v[] = {5, 3, 9};
    qsort(v, sizeof(v) / sizeof(v[0]), sizeof(int), cmp);
    printf("%d %d %d\n", v[0], v[1], v[2]);
    double d[] = {2.5, 1.5};
    qsort(d, 2, sizeof(double), cmpd);
    printf("%.1f\n", d[0]);
}
