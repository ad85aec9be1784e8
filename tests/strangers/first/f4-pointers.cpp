#include <iostream>
using namespace std;

void addOne(int* p) { *p += 1; }
void swapP(int* a, int* b) { int t = *a; *a = *b; *b = t; }
double mean(const int values[], int n) {
    double s = 0;
    for (int i = 0; i < n; i++) s += values[i];
    return n > 0 ? s / n : 0;
}
void bubble(int a[], int n) {
    for (int i = 0; i < n - 1; i++)
        for (int j = 0; j < n - i - 1; j++)
            if (a[j] > a[j + 1]) swap(a[j], a[j + 1]);
}
int main() {
    int x = 5, y = 7;
    int* p = &x;
    *p = 6;
    addOne(&x);
    swapP(&x, &y);
    cout << x << " " << y << " " << *p << endl;
    int list[5] = {9, 4, 7, 1, 3};
    bubble(list, 5);
    for (int i = 0; i < 5; i++) cout << list[i] << " ";
    cout << mean(list, 5) << endl;
    int* many = new int[3];
    for (int i = 0; i < 3; i++) many[i] = i * 10;
    cout << many[2] << endl;
    delete[] many;
    int sum = 0;
    for (int* q = list; q < list + 5; q++) sum += *q;
    cout << sum << endl;
}
