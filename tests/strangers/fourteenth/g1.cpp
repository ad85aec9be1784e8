#include <iostream>
#include <cstring>
#include <cctype>
#include <cstdio>
using namespace std;
const char *DAYS[] = {"Mon", "Tue", "Wed"};
const double PRICES[3] = {1.5, 2, 3.25};
int square(int x) { return x * x; }
int apply(int (*f)(int), int x) { return f(x); }
void printMatrix(int m[][3], int rows) {
    for (int i = 0; i < rows; i++) {
        for (int j = 0; j < 3; j++) cout << m[i][j] << ' ';
        cout << endl;
    }
}
void transpose(int a[3][3]) {
    for (int i = 0; i < 3; i++)
        for (int j = i + 1; j < 3; j++) {
            int t = a[i][j]; a[i][j] = a[j][i]; a[j][i] = t;
        }
}
int countVowels(const char s[]) {
    int n = 0;
    for (int i = 0; s[i]; i++) {
        switch (tolower(s[i])) {
            case 'a': case 'e': case 'i': case 'o': case 'u':
                n++;
        }
    }
    return n;
}
int nextNumber() { static int n = 10; n += 5; return n; }
void divide(int a, int b, int &q, int &r) { q = a / b; r = a % b; }
template <typename T> T biggest(T a, T b) { return a > b ? a : b; }
int sumDigits(int n) { return n < 10 ? n : n % 10 + sumDigits(n / 10); }
double average(const int *list, int n) { double s = 0; for (int i = 0; i < n; i++) s += list[i]; return s / n; }
int main() {
    int m[2][3] = {{1, 2, 3}, {4, 5, 6}};
    printMatrix(m, 2);
    int sq[3][3] = {{1, 2, 3}, {4, 5, 6}, {7, 8, 9}};
    transpose(sq); printMatrix(sq, 3);
    char name[20] = "Fernhollow";
    cout << strlen(name) << countVowels(name) << name[0] << endl;
    char other[20]; strcpy(other, name); other[0] = 'f'; strcat(other, "!");
    cout << other << (strcmp(name, other) == 0 ? "same" : "different") << endl;
    cout << apply(square, 7) << nextNumber() << nextNumber() << endl;
    int q, r; divide(17, 5, q, r); cout << q << r << endl;
    cout << biggest(3, 9) << biggest(2.5, 1.5) << biggest('a', 'z') << biggest<double>(1, 2.5) << endl;
    cout << sumDigits(98765) << endl;
    for (int i = 0; i < 3; i++) cout << DAYS[i] << PRICES[i] << " "; cout << endl;
    int list[] = {4, 8, 15, 16}; cout << average(list, 4) << endl;
    int even = 0, odd = 0;
    for (int x : list) x % 2 == 0 ? even++ : odd++;
    cout << even << odd << endl;
    for (int i = 1; i <= 4; i++) { for (int s = 0; s < 4 - i; s++) cout << ' '; for (int s = 0; s < 2 * i - 1; s++) cout << '*'; cout << '\n'; }
    int n = 45, rev = 0, t = n; while (t != 0) { rev = rev * 10 + t % 10; t /= 10; } printf("%d reversed is %d, %5.1f%%, %c, %s, %05d|%-5d|\n", n, rev, 12.345, 'x', "text", 42, 7);
    unsigned char b = 255; b++; cout << (int)b << endl; short sh = 32767; sh++; cout << sh << endl;
    int x = 5; x = x++ + 1; cout << x << " " << (x & 1) << (x ^ 3) << (x << 2) << (~x) << endl;
    bool flag = !(x > 3) || x == 5 && x != 2; cout << flag << endl;
    int arr[5] = {1, 2}; for (int i = 0; i < 5; i++) cout << arr[i]; cout << endl;
    long big = 1000000L * 1000000L; cout << big << endl; cout << 10 / 3.0 << " " << 10 / 3 << " " << 1e-7 << " " << 1234567.0 << " " << 12345678.0 << " " << 0.1 + 0.2 << " " << 100.0 << endl;
    goto_end: cout << "end" << endl;
}
