#include <cstdio>
#include <string>
#include <iostream>
struct T { char label[30]; int n; };
std::string fmt(int a, double b) { char buf[64]; snprintf(buf, sizeof buf, "%03d:%.1f", a, b); return buf; }
int main() {
    T t; t.n = 3;
    sprintf(t.label, "T%d", t.n);
    std::cout << t.label << " " << fmt(7, 2.25) << std::endl;
    char rows[2][20];
    sprintf(rows[1], "%s", "x");
    printf("%s\n", rows[1]);
    char s[5];
    snprintf(s, 5, "%s", "longer");
    puts(s);
}
