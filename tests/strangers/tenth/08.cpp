#include <cstdio>
#include <cstring>
#include <cstdlib>

struct Student {
    char name[20];
    int marks[3];
    float average;
};

void computeAverage(struct Student *s) {
    int sum = 0;
    for (int i = 0; i < 3; i++) sum += s->marks[i];
    s->average = sum / 3.0f;
}

int compare(const void *a, const void *b) {
    const struct Student *x = (const struct Student *)a;
    const struct Student *y = (const struct Student *)b;
    return strcmp(x->name, y->name);
}

int main(void) {
    struct Student list[3] = {{"Moss", {50, 60, 70}, 0}, {"Fern", {90, 91, 95}, 0}, {"Ivy", {10, 0, 20}, 0}};
    for (int i = 0; i < 3; i++) computeAverage(&list[i]);
    qsort(list, 3, sizeof(struct Student), compare);
    for (int i = 0; i < 3; i++) printf("%-8s|%6.2f|%s\n", list[i].name, list[i].average, list[i].average >= 50 ? "pass" : "fail");
    char buffer[50];
    strcpy(buffer, list[0].name);
    strcat(buffer, " & ");
    strcat(buffer, list[1].name);
    printf("%s has %zu letters\n", buffer, strlen(buffer));
    int x = 5, *p = &x;
    *p += 3;
    printf("%d %d %c %x %05d %+d %e\n", x, *p, 'A' + 1, 255, 42, 7, 12345.678);
    return 0;
}
