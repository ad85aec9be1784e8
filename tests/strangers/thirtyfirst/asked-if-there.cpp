#include <cstring>
#include <cstdio>
#include <iostream>
int main() {
    char word[20] = "garden";
    int n = 0;
    for (int i = 0; word[i]; i++) {
        if (strchr("aeiou", word[i])) n++;
        else if (!strchr("rst", word[i]) && word[i] != 'g') printf("%c ", word[i]);
    }
    while (n > 0 && strstr(word, "den")) { n--; }
    printf("%d %d\n", n, strstr(word, "zz") == NULL);
}
