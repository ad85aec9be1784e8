#include <iostream>
#include <vector>
#include <stdexcept>
using namespace std;

class Matrix {
private:
    int rows, cols;
    vector<vector<double>> data;
public:
    Matrix(int r, int c, double init = 0.0) : rows(r), cols(c), data(r, vector<double>(c, init)) {}
    static Matrix identity(int n) {
        Matrix m(n, n);
        for (int i = 0; i < n; i++) m.at(i, i) = 1;
        return m;
    }
    double& at(int r, int c) {
        if (r < 0 || r >= rows || c < 0 || c >= cols) throw out_of_range("no such cell");
        return data[r][c];
    }
    double at(int r, int c) const {
        if (r < 0 || r >= rows || c < 0 || c >= cols) throw out_of_range("no such cell");
        return data[r][c];
    }
    Matrix operator+(const Matrix& o) const {
        if (rows != o.rows || cols != o.cols) throw invalid_argument("sizes differ");
        Matrix sum(rows, cols);
        for (int i = 0; i < rows; i++)
            for (int j = 0; j < cols; j++)
                sum.data[i][j] = data[i][j] + o.data[i][j];
        return sum;
    }
    Matrix operator*(const Matrix& o) const {
        if (cols != o.rows) throw invalid_argument("cannot multiply");
        Matrix product(rows, o.cols);
        for (int i = 0; i < rows; i++)
            for (int j = 0; j < o.cols; j++)
                for (int k = 0; k < cols; k++)
                    product.data[i][j] += data[i][k] * o.data[k][j];
        return product;
    }
    bool operator==(const Matrix& o) const { return data == o.data; }
    friend ostream& operator<<(ostream& os, const Matrix& m);
};

ostream& operator<<(ostream& os, const Matrix& m) {
    for (int i = 0; i < m.rows; i++) {
        os << "[ ";
        for (int j = 0; j < m.cols; j++) os << m.data[i][j] << " ";
        os << "]" << endl;
    }
    return os;
}

int main() {
    Matrix a(2, 2, 1.5);
    a.at(0, 1) = 2;
    a.at(1, 0) += 0.25;
    const Matrix i2 = Matrix::identity(2);
    cout << a << i2;
    cout << a + i2 << a * a;
    cout << boolalpha << (a * i2 == a) << " " << (a == i2) << endl;
    try {
        Matrix b(3, 2);
        cout << b * a;
        cout << a * b;
    } catch (const invalid_argument& e) {
        cout << "Error: " << e.what() << endl;
    }
    try {
        i2.at(2, 0);
    } catch (const exception& e) {
        cout << "Error: " << e.what() << endl;
    }
    return 0;
}
