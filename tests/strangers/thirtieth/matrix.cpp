#include <iostream>
#include <vector>
#include <initializer_list>
#include <stdexcept>
using namespace std;

template <typename T>
class Matrix {
    size_t r, c;
    vector<T> data;
public:
    Matrix(size_t rows, size_t cols, T init = T()) : r(rows), c(cols), data(rows * cols, init) {}
    Matrix(initializer_list<initializer_list<T>> rows) : r(rows.size()), c(rows.begin()->size()) {
        for (auto& row : rows)
            for (auto& v : row) data.push_back(v);
    }
    T& operator()(size_t i, size_t j) { return data[i * c + j]; }
    const T& operator()(size_t i, size_t j) const { return data[i * c + j]; }
    size_t rows() const { return r; }
    size_t cols() const { return c; }

    Matrix operator*(const Matrix& o) const {
        if (c != o.r) throw invalid_argument("sizes do not match");
        Matrix m(r, o.c);
        for (size_t i = 0; i < r; ++i)
            for (size_t j = 0; j < o.c; ++j)
                for (size_t k = 0; k < c; ++k) m(i, j) += (*this)(i, k) * o(k, j);
        return m;
    }
    Matrix& operator+=(const Matrix& o) {
        for (size_t i = 0; i < data.size(); ++i) data[i] += o.data[i];
        return *this;
    }
    friend Matrix operator+(Matrix a, const Matrix& b) { return a += b; }
    bool operator==(const Matrix& o) const { return r == o.r && c == o.c && data == o.data; }
};

template <typename T>
ostream& operator<<(ostream& out, const Matrix<T>& m) {
    for (size_t i = 0; i < m.rows(); ++i) {
        for (size_t j = 0; j < m.cols(); ++j) out << (j ? " " : "") << m(i, j);
        out << '\n';
    }
    return out;
}

int main() {
    Matrix<int> a{{1, 2}, {3, 4}};
    Matrix<int> b(2, 2, 1);
    cout << a * b << a + b;
    a(0, 1) = 7;
    cout << a(0, 1) << ' ' << (a == b) << endl;
    try {
        a * Matrix<int>(3, 1);
    } catch (invalid_argument &e) {
        cout << e.what() << endl;
    }
    Matrix<double> d(1, 2, 0.5);
    cout << d + d;
}
