#include <iostream>
using namespace std;
void show(int** m, int r, int c) { for (int i = 0; i < r; i++) { for (int j = 0; j < c; j++) cout << m[i][j] << ' '; cout << endl; } }
int main() {
    int rows = 2, cols = 3;
    int** m = new int*[rows];
    for (int i = 0; i < rows; i++) {
        m[i] = new int[cols];
        for (int j = 0; j < cols; j++) m[i][j] = i * cols + j;
    }
    show(m, rows, cols);
    for (int i = 0; i < rows; i++) delete[] m[i];
    delete[] m;
    m = nullptr;
    double *d = new double[3]{1.5, 2.5}; cout << d[1] << d[2] << endl; delete [] d;
}
