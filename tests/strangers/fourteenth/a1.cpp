#include <stdio.h>
#include <string.h>
#define N 5
int marks[N];
float average;
char grade;
int i, total = 0;
void fill(void);
void show(int list[], int size);
int main(void)
{
    int j, k = 0, best;
    fill();
    for (i = 0; i < N; i++)
        total = total + marks[i];
    average = (float) total / N;
    printf("Total: %d, average: %.2f\n", total, average);
    best = marks[0];
    for (j = 1; j < N; ++j)
        if (marks[j] > best) { best = marks[j]; k = j; }
    printf("Best %d at %d\n", best, k);
    switch (total / 10) {
        case 3: grade = 'C'; break;
        case 2: grade = 'B'; break;
        default: grade = 'A';
    }
    printf("Grade %c\n", grade);
    show(marks, N);
    for (j = N - 1; j >= 0; j--)
        printf("%3d|", marks[j]);
    printf("\n%d %d\n", i, j);
    do { k++; total /= 2; } while (total > 0);
    printf("%d\n", k);
    return 0;
}
void fill(void)
{
    for (i = 0; i < N; i++) marks[i] = i * i + 1;
}
void show(int list[], int size)
{
    int i;
    for (i = 0; i < size; i++) {
        if (i > 0) printf(", ");
        printf("%d", list[i]);
    }
    printf(" (%d)\n", i);
}
