#include <cstdio>
#include <cstring>
#include <cctype>

#define SIZE 5
#define SQUARE(x) ((x) * (x))

typedef struct {
    char name[20];
    int height;
} Plant;

static int calls = 0;

int *largest(int *a, int n) {
    int *best = a;
    for (int i = 1; i < n; i++)
        if (*(a + i) > *best) best = a + i;
    calls++;
    return best;
}

void swap(int *a, int *b) { int t = *a; *a = *b; *b = t; }

void bubble(int a[], int n) {
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - 1 - i; j++)
            if (a[j] > a[j + 1]) swap(&a[j], &a[j + 1]);
}

int length(const char *s) {
    const char *p = s;
    while (*p) p++;
    return p - s;
}

void upper(char *s) {
    for (; *s; ++s) *s = toupper(*s);
}

int compare(const Plant *a, const Plant *b) { return strcmp(a->name, b->name); }

int apply(int (*f)(int, int), int a, int b) { return f(a, b); }
int add(int a, int b) { return a + b; }
int mul(int a, int b) { return a * b; }

int main(void) {
    int a[SIZE] = {42, 7, 19, 3, 25};
    printf("largest %d at %d\n", *largest(a, SIZE), (int)(largest(a, SIZE) - a));
    bubble(a, SIZE);
    for (int i = 0; i < SIZE; i++) printf("%d%c", a[i], i < SIZE - 1 ? ' ' : '\n');
    char word[] = "hedgehog";
    printf("%s %d %zu\n", word, length(word), strlen(word));
    upper(word);
    printf("%-10s|%10s|%.3s|%c\n", word, word, word, word[0]);
    Plant plants[3] = {{"rose", 80}, {"aster", 45}, {"lily", 95}};
    Plant *first = plants;
    for (Plant *p = plants + 1; p != plants + 3; ++p)
        if (compare(p, first) < 0) first = p;
    printf("first is %s, %d cm\n", first->name, first->height);
    first->height += 5;
    (*first).height *= 2;
    printf("%d %5d|%-5d|%05d %x %o\n", plants[1].height, 42, 42, 42, 255, 8);
    printf("%.2f %8.3f %e %g\n", 3.14159, 2.5, 12345.678, 0.0001);
    printf("%d %d\n", apply(add, 3, 4), apply(mul, 3, 4));
    int (*ops[2])(int, int) = {add, mul};
    for (int i = 0; i < 2; i++) printf("%d ", ops[i](5, 6));
    printf("\n%d %d%%\n", SQUARE(3 + 1), 50);
    char copy[32];
    strcpy(copy, "green");
    strcat(copy, " hedge");
    printf("%s %d %d\n", copy, strcmp(copy, "green") > 0, strncmp(copy, "grey", 3));
    char *found = strchr(copy, 'h');
    if (found != NULL) printf("%s\n", found);
    int grid[2][3] = {{1, 2, 3}, {4, 5, 6}};
    int sum = 0, *p = &grid[0][0];
    for (int i = 0; i < 6; i++) sum += *p++;
    printf("%d %lu %d\n", sum, sizeof(a) / sizeof(a[0]), calls);
    unsigned int bits = 0xF0;
    bits |= 1 << 2; bits &= ~(1u << 7); bits ^= 0xFF;
    printf("%u %d\n", bits, bits >> 3 & 7);
    int x = 5, y = x++ + ++x, *px = &x, **ppx = &px;
    **ppx = y > 10 ? y : -y;
    printf("%d %d %d\n", x, y, *px == **ppx);
    return 0;
}
