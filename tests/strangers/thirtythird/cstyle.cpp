#include <cstdio>
#include <cstring>
#include <cstdlib>
#include <cctype>

#define MAX 10
#define SQUARE(x) ((x) * (x))

typedef struct {
    char name[20];
    int rows;
    float width;
} Bed;

static int compare(const void *a, const void *b) {
    return ((const Bed *)a)->rows - ((const Bed *)b)->rows;
}

void print_bed(const Bed *b) {
    printf("%-10s %3d %6.2f\n", b->name, b->rows, b->width);
}

int sum(const int *p, int n) {
    int s = 0;
    while (n--) s += *p++;
    return s;
}

void reverse(char *s) {
    int i, j;
    for (i = 0, j = strlen(s) - 1; i < j; i++, j--) {
        char c = s[i];
        s[i] = s[j];
        s[j] = c;
    }
}

void min_max(int a[], int n, int *lo, int *hi) {
    *lo = *hi = a[0];
    for (int i = 1; i < n; i++) {
        if (a[i] < *lo) *lo = a[i];
        if (a[i] > *hi) *hi = a[i];
    }
}

int main(void) {
    Bed beds[MAX];
    int n = 0;
    const char *names[] = {"beans", "rhubarb", "peas"};
    for (int i = 0; i < 3; i++) {
        strcpy(beds[n].name, names[i]);
        beds[n].rows = SQUARE(3 - i) + 1;
        beds[n].width = 0.75f * (i + 1);
        n++;
    }
    qsort(beds, n, sizeof(Bed), compare);
    for (int i = 0; i < n; i++) print_bed(&beds[i]);
    int numbers[] = {3, 1, 4, 1, 5, 9, 2, 6};
    int count = sizeof(numbers) / sizeof(numbers[0]);
    int lo, hi;
    min_max(numbers, count, &lo, &hi);
    printf("%d %d %d %d\n", sum(numbers, count), lo, hi, count);
    char word[] = "Fernhollow";
    reverse(word);
    puts(word);
    for (char *p = word; *p; p++) *p = isupper(*p) ? tolower(*p) : toupper(*p);
    printf("%s %zu %c %5.1f%% %05d %x %o %+d|%-5d|%5s|\n", word, strlen(word), word[0], 12.345, 42, 255, 8, 3, 7, "ab");
    char line[40];
    sprintf(line, "%s-%02d", "row", 7);
    if (strcmp(line, "row-07") == 0) printf("same\n");
    strcat(line, "!");
    printf("%s %d\n", line, atoi("12abc") + 1);
    int *heap = (int *)malloc(4 * sizeof(int));
    for (int i = 0; i < 4; i++) heap[i] = i * 10;
    printf("%d\n", heap[3] + *(heap + 1));
    free(heap);
    int grid[3][4] = {{1, 2, 3, 4}, {5, 6}, {}};
    int total = 0;
    for (int r = 0; r < 3; r++)
        for (int c = 0; c < 4; c++) total += grid[r][c];
    printf("%d %c\n", total, 'a' + total % 26);
    unsigned bits = 0;
    bits |= 1u << 3;
    bits ^= 0x5;
    printf("%u %d %d\n", bits, bits & 1 ? 1 : 0, ~0 & 0xF);
    return EXIT_SUCCESS;
}
