#include <iostream>
#include <cstring>
#include <cstdlib>
using namespace std;

#define SIZE 10
#define SQUARE(x) ((x) * (x))
#define MAX(a, b) ((a) > (b) ? (a) : (b))

int arr[SIZE];
int top = -1;

void push(int v) {
    if (top == SIZE - 1) { cout << "overflow\n"; return; }
    arr[++top] = v;
}
int pop() {
    if (top < 0) { cout << "underflow\n"; return -1; }
    return arr[top--];
}
void swap(int *a, int *b) { int t = *a; *a = *b; *b = t; }
void bubble(int a[], int n) {
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - i - 1; j++)
            if (a[j] > a[j + 1]) swap(&a[j], &a[j + 1]);
}
int length(const char *s) { int n = 0; while (*s++) n++; return n; }
void reverse(char *s) {
    int i = 0, j = strlen(s) - 1;
    while (i < j) { char t = s[i]; s[i++] = s[j]; s[j--] = t; }
}
int sum(int n) { return n == 0 ? 0 : n % 10 + sum(n / 10); }
bool isPalindrome(const char *s) {
    int n = strlen(s);
    for (int i = 0; i < n / 2; i++) if (s[i] != s[n - 1 - i]) return false;
    return true;
}
int main() {
    for (int i = 1; i <= 11; i++) push(SQUARE(i));
    cout << pop() << " " << pop() << endl;
    int a[] = {5, 2, 9, 1, 5, 6}, n = sizeof a / sizeof *a;
    bubble(a, n);
    for (int *p = a; p < a + n; p++) cout << *p << (p == a + n - 1 ? "\n" : " ");
    char word[20] = "garden";
    reverse(word);
    cout << word << " " << length(word) << " " << isPalindrome("level") << isPalindrome(word) << endl;
    char copy[20];
    strcpy(copy, word);
    strcat(copy, "!");
    cout << copy << " " << strcmp(copy, word) << " " << (strchr(copy, 'd') != NULL) << endl;
    cout << sum(98765) << " " << MAX(3, 7) << " " << MAX(SQUARE(2), 3) << endl;
    int m[3][3] = {{1, 2, 3}, {4, 5, 6}, {7, 8, 9}}, t[3][3];
    for (int i = 0; i < 3; i++) for (int j = 0; j < 3; j++) t[j][i] = m[i][j];
    for (int i = 0; i < 3; i++) { for (int j = 0; j < 3; j++) cout << t[i][j] << '\t'; cout << '\n'; }
    int diag = 0, anti = 0;
    for (int i = 0; i < 3; i++) { diag += m[i][i]; anti += m[i][2 - i]; }
    cout << diag << "," << anti << endl;
    int x = 7, *px = &x, &rx = x;
    *px += 3; rx *= 2;
    cout << x << " " << *px << " " << (px == &rx) << endl;
    unsigned char bits = 0b1010;
    for (int i = 7; i >= 0; i--) cout << ((bits >> i) & 1);
    cout << endl;
    char c;
    int vowels = 0, digits = 0, others = 0;
    while (cin.get(c) && c != '.') {
        switch (tolower(c)) {
            case 'a': case 'e': case 'i': case 'o': case 'u': vowels++; break;
            default: if (isdigit(c)) digits++; else others++;
        }
    }
    cout << vowels << " " << digits << " " << others << endl;
    int *dyn = (int *) malloc(4 * sizeof(int));
    for (int i = 0; i < 4; i++) dyn[i] = i * i;
    for (int i = 3; i >= 0; i--) cout << dyn[i];
    cout << endl;
    free(dyn);
    return EXIT_SUCCESS;
}
