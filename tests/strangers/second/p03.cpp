#include <iostream>
using namespace std;
void print(int arr[], int n) {
    for (int i = 0; i < n; i++) cout << arr[i] << (i < n - 1 ? ", " : "\n");
}
int binarySearch(int arr[], int l, int r, int x) {
    if (r < l) return -1;
    int mid = l + (r - l) / 2;
    if (arr[mid] == x) return mid;
    if (arr[mid] > x) return binarySearch(arr, l, mid - 1, x);
    return binarySearch(arr, mid + 1, r, x);
}
void merge(int a[], int l, int m, int r) {
    int tmp[20], i = l, j = m + 1, k = 0;
    while (i <= m && j <= r) tmp[k++] = a[i] <= a[j] ? a[i++] : a[j++];
    while (i <= m) tmp[k++] = a[i++];
    while (j <= r) tmp[k++] = a[j++];
    for (int t = 0; t < k; t++) a[l + t] = tmp[t];
}
void mergeSort(int a[], int l, int r) {
    if (l >= r) return;
    int m = (l + r) / 2;
    mergeSort(a, l, m);
    mergeSort(a, m + 1, r);
    merge(a, l, m, r);
}
void selection(int *a, int n) {
    for (int i = 0; i < n - 1; ++i) {
        int min = i;
        for (int j = i + 1; j < n; ++j) if (a[j] < a[min]) min = j;
        if (min != i) { int t = a[i]; a[i] = a[min]; a[min] = t; }
    }
}
int main() {
    int a[] = {9, 4, 7, 1, 8, 2};
    int n = sizeof(a) / sizeof(a[0]);
    print(a, n);
    mergeSort(a, 0, n - 1);
    print(a, n);
    cout << binarySearch(a, 0, n - 1, 7) << " " << binarySearch(a, 0, n - 1, 5) << endl;
    int b[5] = {5, 3, 1};
    selection(b, 5);
    print(b, 5);
    int grid[2][3] = {{1, 2, 3}, {4, 5, 6}}, total = 0;
    for (auto &row : grid) for (int v : row) total += v;
    cout << total << endl;
}
