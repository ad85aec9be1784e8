#include <iostream>
using namespace std;

class Matrix {
private:
    int rows, cols;
    double **data;
public:
    Matrix(int r, int c) : rows(r), cols(c) {
        data = new double*[rows];
        for (int i = 0; i < rows; i++) {
            data[i] = new double[cols];
            for (int j = 0; j < cols; j++) data[i][j] = 0;
        }
    }
    ~Matrix() {
        for (int i = 0; i < rows; i++) delete[] data[i];
        delete[] data;
    }
    void set(int r, int c, double v) { data[r][c] = v; }
    double get(int r, int c) const { return data[r][c]; }
    void fill(double start) {
        for (int i = 0; i < rows; i++)
            for (int j = 0; j < cols; j++)
                data[i][j] = start++;
    }
    double trace() const {
        double t = 0;
        for (int i = 0; i < rows && i < cols; i++) t += data[i][i];
        return t;
    }
    void print() const {
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < cols; j++) cout << data[i][j] << (j < cols - 1 ? " " : "");
            cout << endl;
        }
    }
};

int main() {
    Matrix m(2, 3);
    m.fill(1);
    m.set(1, 1, 9.5);
    m.print();
    cout << m.trace() << " " << m.get(1, 2) << endl;
    int n = 4;
    int *squares = new int[n];
    for (int i = 0; i < n; i++) *(squares + i) = i * i;
    int *p = squares;
    while (p < squares + n) cout << *p++ << " ";
    cout << endl;
    delete[] squares;
    return 0;
}
