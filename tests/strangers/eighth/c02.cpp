#include <iostream>
using namespace std;

const int SIZE = 8;

void print(const int a[], int n) {
    for (int i = 0; i < n; i++) {
        cout << a[i];
        if (i < n - 1) cout << ", ";
    }
    cout << endl;
}

void selectionSort(int a[], int n) {
    for (int i = 0; i < n - 1; i++) {
        int smallest = i;
        for (int j = i + 1; j < n; j++)
            if (a[j] < a[smallest]) smallest = j;
        if (smallest != i) {
            int temp = a[i];
            a[i] = a[smallest];
            a[smallest] = temp;
        }
    }
}

int binarySearch(const int *a, int low, int high, int key) {
    if (low > high) return -1;
    int mid = (low + high) / 2;
    if (a[mid] == key) return mid;
    return a[mid] < key ? binarySearch(a, mid + 1, high, key) : binarySearch(a, low, mid - 1, key);
}

int main() {
    int data[SIZE] = {42, 7, 19, 3, 88, 61, 25, 10};
    print(data, SIZE);
    selectionSort(data, SIZE);
    print(data, sizeof(data) / sizeof(data[0]));
    for (int key : {19, 20}) {
        int at = binarySearch(data, 0, SIZE - 1, key);
        if (at == -1) cout << key << " is not there\n";
        else cout << key << " is at " << at << "\n";
    }
    int table[3][4] = {{0}};
    for (int r = 0; r < 3; r++)
        for (int c = 0; c < 4; c++) table[r][c] = (r + 1) * (c + 1);
    int sum = 0;
    for (auto &row : table) {
        for (int v : row) { cout << v << '\t'; sum += v; }
        cout << '\n';
    }
    cout << "sum " << sum << ", mean " << static_cast<double>(sum) / 12 << endl;
    int *p = new int[3]{5, 6, 7};
    cout << *p << " " << p[1] << " " << *(p + 2) << endl;
    delete[] p;
}
