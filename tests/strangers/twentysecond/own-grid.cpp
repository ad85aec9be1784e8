#include <iostream>
using namespace std;
class Matrix {
    double** m; int r, c;
public:
    Matrix(int rows, int cols) : r(rows), c(cols) { m = new double*[r]; for (int i = 0; i < r; i++) { m[i] = new double[c]; for (int j = 0; j < c; j++) m[i][j] = 0; } }
    ~Matrix() { for (int i = 0; i < r; i++) delete[] m[i]; delete[] m; }
    void set(int i, int j, double v) { m[i][j] = v; }
    double get(int i, int j) const { return m[i][j]; }
    void print() const { for (int i = 0; i < r; i++) { for (int j = 0; j < c; j++) cout << m[i][j] << " "; cout << endl; } }
};
int main() { Matrix a(2, 3); a.set(1, 2, 4.5); a.print(); cout << a.get(1, 2) << endl; }
