#include <iostream>
#include <algorithm>
#include <numeric>
using namespace std;
const int N = 5;
void show(int a[], int n) {
    for (int i = 0; i < n; i++) cout << a[i] << " ";
    cout << endl;
}
int main() {
    int a[N] = {5, 2, 9, 1, 7};
    sort(a, a + N);
    show(a, N);
    int b[] = {3, 8, 4};
    cout << *max_element(b, b + 3) << " " << accumulate(b, b + 3, 0) << endl;
    reverse(a, a + 5);
    show(a, 5);
    double m[3];
    for (int i = 0; i < 3; i++) m[i] = i * 1.5;
    cout << m[2] << endl;
}
