#include <cstdio>
#include <cmath>
#include <cstring>
#define MAX 5

double mean(const int a[], int n) {
    double s = 0;
    for (int i = 0; i < n; ++i) s += a[i];
    return s / n;
}
void swap_ints(int *a, int *b) { int t = *a; *a = *b; *b = t; }
void bubble(int a[], int n) {
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - i - 1; j++)
            if (a[j] > a[j + 1]) swap_ints(&a[j], &a[j + 1]);
}
int main(void) {
    int marks[MAX] = {4, 1, 5, 2, 3};
    char name[20] = "Fern";
    printf("%s has %d marks, mean %.2f\n", name, MAX, mean(marks, MAX));
    bubble(marks, MAX);
    for (int i = 0; i < MAX; i++) printf("%3d%c", marks[i], i == MAX - 1 ? '\n' : ',');
    int m[2][3] = {{1, 2, 3}, {4, 5, 6}};
    for (int r = 0; r < 2; r++) { for (int c = 0; c < 3; c++) printf("%d ", m[r][c] * 2); puts(""); }
    printf("%zu %d %5.1f|%-5d|%05d|%x|%%\n", strlen(name), (int) sqrt(17.0), 3.14159, 42, 42, 255);
    int x = 7, y = 2;
    x += y++ * 2;
    printf("%d %d %d %d\n", x, y, x / y, x % y);
    short s = 32767; s++;
    unsigned char c = 250; c += 10;
    printf("%d %d\n", s, c);
    float f = 0.1f;
    printf("%.10f %d\n", f, f == 0.1);
    int *p = marks;
    while (p < marks + MAX) { printf("%d;", *p); p++; }
    printf("\n");
    return 0;
}
