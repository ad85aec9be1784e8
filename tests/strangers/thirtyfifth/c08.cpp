#include <cstdio>
#include <cstring>
#include <cstdlib>

#define MAX 10

struct book {
    char title[40];
    int year;
    float price;
};

void swap(struct book *a, struct book *b) {
    struct book t = *a;
    *a = *b;
    *b = t;
}

int find(struct book list[], int n, const char *title) {
    for (int i = 0; i < n; i++)
        if (strcmp(list[i].title, title) == 0) return i;
    return -1;
}

int main(void) {
    struct book shelf[MAX];
    int n = 0;
    strcpy(shelf[n].title, "Mosses"); shelf[n].year = 1998; shelf[n++].price = 12.5f;
    strcpy(shelf[n].title, "Ferns of the hollow"); shelf[n].year = 1987; shelf[n].price = 8.75; n++;
    struct book third = {"Bark", 2003, 20};
    shelf[n++] = third;
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - 1 - i; j++)
            if (shelf[j].year > shelf[j + 1].year) swap(&shelf[j], &shelf[j + 1]);
    float sum = 0;
    for (int i = 0; i < n; i++) {
        printf("%-20s|%5d|%7.2f\n", shelf[i].title, shelf[i].year, shelf[i].price);
        sum += shelf[i].price;
    }
    printf("mean %.3f, %d%% done, %c%c %x %o %e\n", sum / n, 50, 'o', 'k', 255, 8, 12345.678);
    printf("%d %d\n", find(shelf, n, "Bark"), find(shelf, n, "Sand"));
    char buf[50];
    sprintf(buf, "%s-%03d", shelf[0].title, 7);
    printf("%s %zu\n", buf, strlen(buf));
    int *p = (int *) malloc(5 * sizeof(int));
    for (int i = 0; i < 5; i++) *(p + i) = i * i;
    int *q = p + 2;
    printf("%d %d %ld\n", *q, q[1], q - p);
    free(p);
    return EXIT_SUCCESS;
}
