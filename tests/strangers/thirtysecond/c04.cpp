#include <cstdio>
#include <cstring>
#include <cstdlib>
#include <cctype>

#define MAX_BEDS 5
#define SQUARE(x) ((x) * (x))

struct bed {
    char name[20];
    int w, h;
};

static struct bed beds[MAX_BEDS];
static int used = 0;

int add_bed(const char *name, int w, int h)
{
    if (used >= MAX_BEDS)
        return -1;
    strncpy(beds[used].name, name, sizeof(beds[used].name) - 1);
    beds[used].w = w;
    beds[used].h = h;
    return used++;
}

void swap(int *a, int *b)
{
    int t = *a;
    *a = *b;
    *b = t;
}

int count_upper(const char *s)
{
    int n = 0;
    while (*s) {
        if (isupper(*s)) n++;
        s++;
    }
    return n;
}

int main(void)
{
    add_bed("Long Row", 2, 8);
    add_bed("Herbs", 1, 3);
    add_bed("Roses", 4, 4);
    int i, j;
    for (i = 0; i < used; i++)
        printf("%-10s %2d x %-2d = %3d (%d)\n", beds[i].name, beds[i].w, beds[i].h, beds[i].w * beds[i].h, count_upper(beds[i].name));
    int v[6] = {5, 2, 9, 1, 7, 3};
    int len = sizeof v / sizeof v[0];
    for (i = 0; i < len - 1; i++)
        for (j = 0; j < len - 1 - i; j++)
            if (v[j] > v[j + 1])
                swap(&v[j], &v[j + 1]);
    for (i = 0; i < len; i++) printf("%d%c", v[i], i == len - 1 ? '\n' : ' ');
    char buf[64] = "";
    strcat(buf, beds[0].name);
    strcat(buf, "+");
    strcat(buf, beds[1].name);
    printf("%s %lu %d %d\n", buf, (unsigned long)strlen(buf), strcmp("abc", "abd") < 0, SQUARE(3 + 1));
    for (i = 0; buf[i] != '\0'; i++) buf[i] = toupper(buf[i]);
    puts(buf);
    printf("%5.2f|%-8.3f|%08d|%x|%X|%o|%c|%%|%+d|%e\n", 3.14159, 2.5, 42, 255, 255, 8, 'q', 7, 12345.678);
    int *p = v;
    p += 2;
    printf("%d %d %ld\n", *p, *(p + 1), (long)(p - v));
    printf("%d %d %d\n", atoi("42abc"), abs(-4), 17 % 5);
    return 0;
}
