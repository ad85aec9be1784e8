#include <cstdio>
#include <cmath>
#include <string>
#include <iostream>
using namespace std;
int main() {
    int n = 7; double d = 2.5;
    char c = 'x';
    string name = "Wren";
    printf("n = %d, d = %.2f, s = %s\n", n, d, "text");
    printf("%5d|%-5d|%05d|%+d\n", n, n, n, n);
    printf("sqrt %.3f pow %.0f %f\n", sqrt(2.0), pow(2, 10), d);
    printf("%c %s %10s|%-8s|\n", c, name.c_str(), "right", "left");
    printf("%x %d%%\n", 255, 50);
    printf("%d ", n);
    printf("%ld %lld\n", 5L, 6LL);
    puts("done");
    printf("%g %e\n", 0.5, 12345.678);
    int total = 0;
    for (int i = 1; i <= 3; i++) {
        total += i;
        printf("%d + ", i);
    }
    printf("= %d\n", total);
    return 0;
}
