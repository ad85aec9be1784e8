#include <cstdio>
#include <cmath>
#include <cstring>
int main() {
    int n = 7; double d = 2.5;
    printf("n = %d, d = %.2f, s = %s\n", n, d, "text");
    printf("%5d|%-5d|%05d\n", n, n, n);
    printf("sqrt %.3f pow %.0f\n", sqrt(2.0), pow(2, 10));
    char word[] = "garden";
    printf("%c %zu\n", word[0], strlen(word));
    for (int i = 0; word[i] != '\0'; i++) putchar(word[i] - 32);
    putchar('\n');
    return 0;
}
