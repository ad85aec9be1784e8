#include <stdio.h>
#include <string.h>
#include <stdlib.h>
#include <ctype.h>

#define N 5
#define SQUARE(x) ((x) * (x))
#define MAXLEN 32

typedef struct {
    char name[MAXLEN];
    int age;
    float height;
} person_t;

static void swap(int *a, int *b) { int t = *a; *a = *b; *b = t; }

static void bubble(int a[], int n)
{
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - i - 1; j++)
            if (a[j] > a[j + 1])
                swap(&a[j], &a[j + 1]);
}

int is_palindrome(const char *s)
{
    int l = 0, r = strlen(s) - 1;
    while (l < r) {
        if (!isalpha(s[l])) { l++; continue; }
        if (!isalpha(s[r])) { r--; continue; }
        if (tolower(s[l++]) != tolower(s[r--])) return 0;
    }
    return 1;
}

unsigned long fact(unsigned n) { return n < 2 ? 1 : n * fact(n - 1); }

void caesar(char *text, int shift)
{
    for (char *p = text; *p; p++)
        if (isupper(*p)) *p = (*p - 'A' + shift + 26) % 26 + 'A';
        else if (islower(*p)) *p = (*p - 'a' + shift + 26) % 26 + 'a';
}

int main(void)
{
    int a[N] = {9, 4, 7, 1, 3}, i;
    bubble(a, N);
    for (i = 0; i < N; i++) printf("%d%s", a[i], i < N - 1 ? ", " : "\n");
    printf("%d %d\n", SQUARE(3 + 1), (int)(sizeof(a) / sizeof(a[0])));
    printf("%s %s\n", is_palindrome("Never odd, or even") ? "yes" : "no", is_palindrome("garden") ? "yes" : "no");
    printf("%lu %5.2f|%-8s|%08.3f|%x|%c|%%|%+d|%e\n", fact(12), 3.14159, "left", 2.5, 255, 'q', 5, 12345.678);
    char msg[] = "Meet at the Pond";
    caesar(msg, 3); puts(msg);
    caesar(msg, -3); puts(msg);
    person_t people[2] = {{"Mina", 11, 1.45f}, {"Odo", 12, 1.52f}};
    person_t *p = people;
    for (i = 0; i < 2; i++, p++) printf("%-6s %2d %.2f\n", p->name, p->age, p->height);
    strcpy(people[0].name, "Wilhelmina");
    strcat(people[0].name, "!");
    printf("%s %zu %d\n", people[0].name, strlen(people[0].name), strcmp("a", "b") < 0);
    int *dyn = (int *)malloc(3 * sizeof(int));
    for (i = 0; i < 3; i++) *(dyn + i) = i * 10;
    printf("%d %d %d\n", dyn[0], dyn[1], *(dyn + 2));
    free(dyn);
    char buffer[20];
    sprintf(buffer, "%d-%02d", 7, 5);
    printf("[%s] %d %ld\n", buffer, atoi("42x"), strtol("ff", NULL, 16));
    int x, y;
    if (scanf("%d %d", &x, &y) == 2) printf("%d\n", x + y);
    char word[MAXLEN];
    while (scanf("%31s", word) == 1) { printf("<%s>", word); if (!strcmp(word, "end")) break; }
    putchar('\n');
    char *tok = strtok(msg, " ");
    while (tok != NULL) { printf("%s;", tok); tok = strtok(NULL, " "); }
    printf("\n");
    return EXIT_SUCCESS;
}
