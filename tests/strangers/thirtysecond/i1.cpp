#include <iostream>
using namespace std;
int *makeTable(int n) {
    int *t = new int[n];
    for (int i = 0; i < n; i++) t[i] = i * i;
    return t;
}
void show(int a[], int n) { for (int i = 0; i < n; ++i) cout << a[i] << (i < n - 1 ? ", " : "\n"); }
void twice(int *a, int n) { for (int i = 0; i < n; ++i) a[i] *= 2; }
int main() {
    int *t = makeTable(6);
    twice(t, 6);
    show(t, 6);
    cout << t[0] << endl;
    delete[] t;
    return 0;
}
