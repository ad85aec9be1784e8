#include <iostream>
#include <vector>
#include <string>
#include <stdexcept>
#include <algorithm>
using namespace std;

class Matrix {
    size_t rows, cols;
    vector<vector<double>> data;
public:
    Matrix(size_t r, size_t c, double init = 0.0) : rows(r), cols(c), data(r, vector<double>(c, init)) {}
    Matrix(initializer_list<initializer_list<double>> l) : rows(l.size()), cols(l.begin()->size()) {
        for (auto& row : l) data.push_back(vector<double>(row));
    }
    static Matrix identity(size_t n) {
        Matrix m(n, n);
        for (size_t i = 0; i < n; ++i) m.data[i][i] = 1;
        return m;
    }
    double& at(size_t r, size_t c) {
        if (r >= rows || c >= cols) throw out_of_range("Matrix index");
        return data[r][c];
    }
    double at(size_t r, size_t c) const { return data.at(r).at(c); }
    Matrix operator*(const Matrix& o) const {
        if (cols != o.rows) throw invalid_argument("dimension mismatch");
        Matrix res(rows, o.cols);
        for (size_t i = 0; i < rows; ++i)
            for (size_t j = 0; j < o.cols; ++j)
                for (size_t k = 0; k < cols; ++k)
                    res.data[i][j] += data[i][k] * o.data[k][j];
        return res;
    }
    Matrix operator+(const Matrix& o) const {
        Matrix res = *this;
        for (size_t i = 0; i < rows; ++i)
            transform(res.data[i].begin(), res.data[i].end(), o.data[i].begin(), res.data[i].begin(), plus<double>());
        return res;
    }
    Matrix transpose() const {
        Matrix t(cols, rows);
        for (size_t i = 0; i < rows; ++i) for (size_t j = 0; j < cols; ++j) t.data[j][i] = data[i][j];
        return t;
    }
    friend ostream& operator<<(ostream& os, const Matrix& m) {
        for (const auto& row : m.data) {
            os << "[";
            for (size_t j = 0; j < row.size(); ++j) os << (j ? " " : "") << row[j];
            os << "]\n";
        }
        return os;
    }
};

Matrix power(Matrix b, int e) {
    Matrix r = Matrix::identity(2);
    while (e > 0) {
        if (e % 2) r = r * b;
        b = b * b;
        e /= 2;
    }
    return r;
}

int main() {
    Matrix a(2, 3, 1.5);
    a.at(0, 1) = 4;
    a.at(1, 2) -= 0.5;
    cout << a << a.transpose();
    cout << a * a.transpose();
    Matrix f(2, 2, 1);
    f.at(1, 1) = 0;
    cout << power(f, 10).at(0, 1) << endl;
    try { a.at(5, 5) = 1; } catch (const out_of_range& e) { cout << "out: " << e.what() << endl; }
    try { cout << a * a; } catch (const exception& e) { cout << "bad: " << e.what() << endl; }
    cout << f + Matrix::identity(2);
}
