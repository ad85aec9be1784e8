#include <cstdio>
#include <cmath>
#include <cstring>

#define PI 3.14159265
#define SQUARE(x) ((x) * (x))
#define MAX 10

typedef struct {
    char name[30];
    float radius;
} Circle;

double area(Circle c) {
    return PI * SQUARE(c.radius);
}

int sum(int values[], int n) {
    int total = 0;
    for (int i = 0; i < n; i++)
        total += values[i];
    return total;
}

void swap_values(int *a, int *b) {
    int temp = *a;
    *a = *b;
    *b = temp;
}

int main() {
    Circle circles[2] = {{"small", 1.5f}, {"large", 10}};
    for (int i = 0; i < 2; i++)
        printf("%-10s r=%.1f area=%8.3f\n", circles[i].name, circles[i].radius, area(circles[i]));
    int v[MAX] = {5, 3, 8};
    int n = 3;
    v[n++] = 1;
    printf("sum=%d avg=%.2f\n", sum(v, n), (double)sum(v, n) / n);
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - 1 - i; j++)
            if (v[j] > v[j + 1])
                swap_values(&v[j], &v[j + 1]);
    for (int i = 0; i < n; i++)
        printf("%d%c", v[i], i < n - 1 ? ' ' : '\n');
    char word[] = "garden";
    int len = strlen(word);
    for (int i = 0; i < len / 2; i++) {
        char t = word[i];
        word[i] = word[len - 1 - i];
        word[len - 1 - i] = t;
    }
    printf("%s %d\n", word, strcmp("a", "b") < 0);
    int x = 0x1F, y = 017;
    printf("%d %d %X %o %5.1e %%\n", x, y, x, y, 12345.678);
    printf("%6.2f|%-6d|%06d|%+d\n", sqrt(2), 42, 42, 42);
    return 0;
}
