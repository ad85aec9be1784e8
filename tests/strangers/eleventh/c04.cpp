#include <cstdio>
#include <cstdlib>
#include <cstring>

#define MAX 100
#define SQUARE(x) ((x) * (x))

typedef struct {
    char name[20];
    int age;
    float height;
} Person;

int compare(const void* a, const void* b) {
    return (*(int*)a - *(int*)b);
}

int main(void) {
    Person people[3] = {{"Moss", 12, 1.5f}, {"Fern", 14, 1.62f}, {"Clay", 11, 1.4f}};
    for (int i = 0; i < 3; i++)
        printf("%-10s|%3d|%5.2f\n", people[i].name, people[i].age, people[i].height);
    char buf[MAX];
    strcpy(buf, people[0].name);
    strcat(buf, "!");
    printf("%s %d %d\n", buf, (int)strlen(buf), strcmp(buf, "Moss"));
    int a[] = {5, 2, 9, 1};
    int n = sizeof a / sizeof *a;
    qsort(a, n, sizeof(int), compare);
    for (int i = 0; i < n; i++) printf("%d%c", a[i], i == n - 1 ? '\n' : ',');
    printf("%d %x %o %c %5.1f%% %e\n", SQUARE(3 + 1), 255, 8, 'Z', 12.34, 12345.678);
    return EXIT_SUCCESS;
}
