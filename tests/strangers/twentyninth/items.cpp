#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define SIZE 5
#define SQUARE(x) ((x) * (x))

typedef struct {
    int id;
    char name[30];
    double price;
} Item;

void fill(Item *items, int n) {
    const char *names[] = {"rake", "hoe", "spade", "pot", "hose"};
    for (int i = 0; i < n; i++) {
        items[i].id = i + 1;
        strcpy(items[i].name, names[i]);
        items[i].price = 2.5 * SQUARE(i + 1);
    }
}

int find(const Item *items, int n, const char *name) {
    for (int i = 0; i < n; ++i)
        if (strcmp(items[i].name, name) == 0)
            return i;
    return -1;
}

void swap(int *a, int *b) {
    int tmp = *a;
    *a = *b;
    *b = tmp;
}

void reverse(char s[]) {
    int i, j;
    for (i = 0, j = strlen(s) - 1; i < j; i++, j--) {
        char c = s[i];
        s[i] = s[j];
        s[j] = c;
    }
}

int main(void) {
    Item items[SIZE];
    fill(items, SIZE);
    for (int i = 0; i < SIZE; i++)
        printf("%2d %-8s %6.2f\n", items[i].id, items[i].name, items[i].price);
    int at = find(items, SIZE, "pot");
    printf("pot at %d, hat at %d\n", at, find(items, SIZE, "hat"));
    int x = 3, y = 4;
    swap(&x, &y);
    printf("%d %d\n", x, y);
    char word[] = "garden";
    reverse(word);
    printf("%s %zu\n", word, strlen(word));
    int *nums = (int *)malloc(SIZE * sizeof(int));
    if (nums == NULL) return 1;
    for (int i = 0; i < SIZE; i++) nums[i] = i * i;
    int sum = 0, *p;
    for (p = nums; p < nums + SIZE; p++) sum += *p;
    printf("sum=%d avg=%.1f\n", sum, (double)sum / SIZE);
    free(nums);
    int m[2][3] = {{1, 2, 3}, {4, 5, 6}};
    for (int r = 0; r < 2; r++) {
        for (int c = 0; c < 3; c++) printf("%d%c", m[r][c], c == 2 ? '\n' : ' ');
    }
    unsigned int bits = 0x2F;
    int count = 0;
    while (bits) { count += bits & 1; bits >>= 1; }
    printf("%d bits, %c, %05.1f, %x, %o, %e\n", count, 'A' + 2, 3.14159, 255, 8, 1234.5);
    char line[50];
    sprintf(line, "%s-%d", "bed", 7);
    puts(line);
    return 0;
}
