#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <cmath>
#include <ctime>
#define SIZE 5
#define SQUARE(x) ((x) * (x))
#define MAX(a, b) ((a) > (b) ? (a) : (b))

struct Pupil {
    char name[20];
    int marks[3];
    float average;
};

static void fill(struct Pupil *p, const char *name, int a, int b, int c) {
    strcpy(p->name, name);
    p->marks[0] = a;
    p->marks[1] = b;
    p->marks[2] = c;
    p->average = (a + b + c) / 3.0f;
}

int compare(const void *a, const void *b) {
    return *(const int *)a - *(const int *)b;
}

void bubble(int *v, int n) {
    for (int i = 0; i < n - 1; i++) {
        for (int j = 0; j < n - i - 1; j++) {
            if (v[j] > v[j + 1]) {
                int t = v[j];
                v[j] = v[j + 1];
                v[j + 1] = t;
            }
        }
    }
}

int sum(const int v[], int n) {
    int total = 0;
    while (n-- > 0) total += v[n];
    return total;
}

void swap(int *a, int *b) { int t = *a; *a = *b; *b = t; }

int main(int argc, char **argv) {
    struct Pupil class_[2];
    fill(&class_[0], "Fern", 5, 7, 9);
    fill(&class_[1], "Moss", 6, 6, 8);
    for (int i = 0; i < 2; i++) {
        printf("%-10s|%6.2f|%3d\n", class_[i].name, class_[i].average, class_[i].marks[2]);
    }
    int numbers[SIZE] = {9, 4, 7, 1, 8};
    bubble(numbers, SIZE);
    for (int i = 0; i < SIZE; ++i) printf("%d%s", numbers[i], i < SIZE - 1 ? ", " : "\n");
    printf("%d %d %d\n", sum(numbers, SIZE), SQUARE(3 + 1), MAX(3, 9));
    int a = 1, b = 2;
    swap(&a, &b);
    printf("a=%d b=%d\n", a, b);
    int *heap = (int *)malloc(3 * sizeof(int));
    for (int i = 0; i < 3; i++) heap[i] = i * 10;
    printf("%d\n", heap[2]);
    free(heap);
    char text[50];
    sprintf(text, "%d-%d", 4, 2);
    strcat(text, "!");
    printf("%s %zu %d\n", text, strlen(text), strcmp("abc", "abd") < 0);
    double root = sqrt(2.0);
    printf("%.3f %.3e %g %g\n", root, 12345.678, 0.0001, 1e6);
    printf("%5d|%-5d|%05d|%+d|%x|%X|%o|%c|%%\n", 42, 42, 42, 42, 255, 255, 8, 'A');
    int n = 12, count = 0;
    for (int d = 1; d <= n; d++) if (n % d == 0) count++;
    printf("%d has %d divisors\n", n, count);
    char *words[] = {"one", "two", "three"};
    for (int i = 0; i < 3; i++) puts(words[i]);
    int m[2][2] = {{1, 2}, {3, 4}};
    int det = m[0][0] * m[1][1] - m[0][1] * m[1][0];
    printf("det %d\n", det);
    switch (det) {
        case -2:
        case 2:
            puts("two");
            break;
        default:
            puts("?");
    }
    if (argc > 5) return EXIT_FAILURE;
    return EXIT_SUCCESS;
}
