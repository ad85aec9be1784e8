#include <cstdio>
#include <cstring>
#include <cstdlib>
#include <ctype.h>

#define MAX_BEDS 10
#define SQUARE(x) ((x) * (x))

typedef struct {
    char name[20];
    int rows;
    float length;
} Bed;

int compare(const void *a, const void *b) {
    return ((Bed *)a)->rows - ((Bed *)b)->rows;
}

void upper(char *s) {
    while (*s) { *s = toupper(*s); s++; }
}

int main(void) {
    Bed beds[MAX_BEDS];
    int n = 0, i;
    while (n < MAX_BEDS && scanf("%19s %d %f", beds[n].name, &beds[n].rows, &beds[n].length) == 3) n++;
    printf("%d beds\n", n);
    float total = 0;
    for (i = 0; i < n; i++) {
        printf("%-10s|%3d|%6.2f\n", beds[i].name, beds[i].rows, beds[i].length);
        total += beds[i].rows * beds[i].length;
    }
    printf("total %.1f m, square of 7 is %d\n", total, SQUARE(3 + 4));
    char word[30];
    strcpy(word, beds[0].name);
    strcat(word, "-bed");
    printf("%s has %lu letters\n", word, (unsigned long)strlen(word));
    if (strcmp(beds[0].name, beds[1].name) < 0) printf("%s first\n", beds[0].name);
    else printf("%s first\n", beds[1].name);
    int counts[26] = {0};
    for (i = 0; word[i] != '\0'; i++)
        if (isalpha(word[i])) counts[word[i] - 'a']++;
    for (i = 0; i < 26; i++) if (counts[i] > 1) printf("%c%d ", 'a' + i, counts[i]);
    printf("\n%5.1f%%\n", 100.0 * counts['e' - 'a'] / strlen(word));
    return EXIT_SUCCESS;
}
