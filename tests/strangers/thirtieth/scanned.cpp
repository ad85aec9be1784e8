#include <cstdio>
struct P { char name[20]; int age; double h; };
int main() {
    int n;
    printf("How many? ");
    scanf("%d", &n);
    struct P p[5];
    for (int i = 0; i < n; i++) {
        scanf("%s %d %lf", p[i].name, &p[i].age, &p[i].h);
    }
    for (int i = 0; i < n; i++) printf("%s is %d, %.1f cm\n", p[i].name, p[i].age, p[i].h);
    char op; float a, b;
    while (scanf("%f %c %f", &a, &op, &b) == 3) {
        switch (op) { case '+': printf("%.2f\n", a + b); break; case '*': printf("%.2f\n", a * b); break; default: printf("what is %c?\n", op); }
    }
    long long big;
    if (scanf("%lld", &big) != 1) printf("no more\n"); else printf("%lld\n", big);
    return 0;
}
