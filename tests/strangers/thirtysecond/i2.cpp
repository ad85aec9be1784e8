#include <iostream>
using namespace std;
double* zeros(int n) { return new double[n](); }
int* copyOf(const int* src, int n) {
    int* r = new int[n];
    for (int i = 0; i < n; i++) r[i] = src[i];
    return r;
}
int* grow(int* old, int n, int m) {
    int* bigger = new int[m]{};
    for (int i = 0; i < n; i++) bigger[i] = old[i];
    delete[] old;
    return bigger;
}
int main() {
    double* z = zeros(3);
    z[1] = 2.5;
    cout << z[0] + z[1] << endl;
    int a[] = {3, 1, 2};
    int* c = copyOf(a, 3);
    c[0] = 7;
    c = grow(c, 3, 5);
    c[4] = 1;
    for (int i = 0; i < 5; i++) cout << c[i] << ' ';
    cout << a[0] << endl;
    delete[] z;
    delete[] c;
}
