#include <cstdio>
void min_max(int a[], int n, int *lo, int *hi) {
    *lo = *hi = a[0];
    for (int i = 1; i < n; i++) {
        if (a[i] < *lo) *lo = a[i];
        if (a[i] > *hi) *hi = a[i];
    }
}
int main() {
    int a[] = {4, 2, 8};
    int lo, hi;
    min_max(a, 3, &lo, &hi);
    printf("%d %d\n", lo, hi);
    int x, y, *p = &x, *q = &y;
    *p = *q = 5;
    *p += 2;
    printf("%d %d\n", x, y);
}
