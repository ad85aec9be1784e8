#include <stdio.h>
#include <string.h>
#include <stdlib.h>
#include <math.h>
#include <ctype.h>

#define MAX 50
#define SQUARE(x) ((x) * (x))

struct point { double x, y; };
typedef struct {
    char name[20];
    int age;
    float marks[3];
} Pupil;

double distance(struct point a, struct point b) {
    return sqrt(SQUARE(a.x - b.x) + SQUARE(a.y - b.y));
}

float mean(const float *values, int n) {
    float sum = 0;
    int i;
    for (i = 0; i < n; i++) sum += values[i];
    return sum / n;
}

void reverse(char *s) {
    int i, j;
    char t;
    for (i = 0, j = strlen(s) - 1; i < j; i++, j--) {
        t = s[i];
        s[i] = s[j];
        s[j] = t;
    }
}

void swap(int *a, int *b) { int t = *a; *a = *b; *b = t; }

int compare(const void *a, const void *b) { return *(const int *)a - *(const int *)b; }

int main(void) {
    struct point p = {0, 0}, q = {3, 4};
    printf("%.2f\n", distance(p, q));
    Pupil class3[2] = {{"Ada", 12, {1.5, 2, 2.5}}, {"Bo", 13, {3, 4, 2}}};
    for (int i = 0; i < 2; i++) printf("%-6s|%3d|%5.2f\n", class3[i].name, class3[i].age, mean(class3[i].marks, 3));
    char word[MAX] = "garden";
    reverse(word);
    printf("%s %lu %c\n", word, strlen(word), toupper(word[0]));
    strcpy(word, "fern");
    strcat(word, "hollow");
    printf("%s %d %d\n", word, strcmp(word, "fern") > 0, strncmp(word, "fern", 4));
    int a = 3, b = 7;
    swap(&a, &b);
    printf("a=%d b=%d\n", a, b);
    int numbers[] = {5, 2, 9, 1};
    int n = sizeof(numbers) / sizeof(numbers[0]);
    int i, j;
    for (i = 0; i < n - 1; i++)
        for (j = 0; j < n - 1 - i; j++)
            if (numbers[j] > numbers[j + 1]) swap(&numbers[j], &numbers[j + 1]);
    for (i = 0; i < n; i++) printf("%d%c", numbers[i], i < n - 1 ? ',' : '\n');
    int *copy = (int *)malloc(n * sizeof(int));
    for (i = 0; i < n; i++) *(copy + i) = numbers[n - 1 - i];
    printf("%d %d %x %o %e %5.1f%%\n", copy[0], *copy + 1, 255, 8, 12345.678, 45.678);
    free(copy);
    int value, total = 0;
    while (scanf("%d", &value) == 1) total += value;
    printf("total %d\n", total);
    return EXIT_SUCCESS;
}
