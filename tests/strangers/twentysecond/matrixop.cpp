#include <iostream>
#include <vector>
#include <stdexcept>
#include <initializer_list>
#include <iomanip>

class Matrix {
public:
    Matrix(size_t rows, size_t cols, double fill = 0.0) : rows_(rows), cols_(cols), data_(rows * cols, fill) {}
    Matrix(std::initializer_list<std::initializer_list<double>> init) : rows_(init.size()), cols_(init.begin()->size()) {
        for (const auto& row : init) {
            if (row.size() != cols_) throw std::invalid_argument("ragged matrix");
            data_.insert(data_.end(), row.begin(), row.end());
        }
    }
    double& operator()(size_t r, size_t c) { return data_.at(r * cols_ + c); }
    double operator()(size_t r, size_t c) const { return data_.at(r * cols_ + c); }
    size_t rows() const { return rows_; }
    size_t cols() const { return cols_; }
    static Matrix identity(size_t n) {
        Matrix m(n, n);
        for (size_t i = 0; i < n; ++i) m(i, i) = 1;
        return m;
    }
    Matrix transposed() const {
        Matrix t(cols_, rows_);
        for (size_t r = 0; r < rows_; ++r)
            for (size_t c = 0; c < cols_; ++c) t(c, r) = (*this)(r, c);
        return t;
    }
    bool operator==(const Matrix& o) const { return rows_ == o.rows_ && cols_ == o.cols_ && data_ == o.data_; }
private:
    size_t rows_, cols_;
    std::vector<double> data_;
};

Matrix operator*(const Matrix& a, const Matrix& b) {
    if (a.cols() != b.rows()) throw std::runtime_error("sizes do not fit");
    Matrix p(a.rows(), b.cols());
    for (size_t i = 0; i < a.rows(); i++)
        for (size_t j = 0; j < b.cols(); j++)
            for (size_t k = 0; k < a.cols(); k++)
                p(i, j) += a(i, k) * b(k, j);
    return p;
}

Matrix power(Matrix m, unsigned n) {
    Matrix result = Matrix::identity(m.rows());
    while (n) {
        if (n & 1u) result = result * m;
        m = m * m;
        n >>= 1;
    }
    return result;
}

std::ostream& operator<<(std::ostream& os, const Matrix& m) {
    for (size_t r = 0; r < m.rows(); ++r) {
        for (size_t c = 0; c < m.cols(); ++c) os << std::setw(6) << m(r, c);
        os << '\n';
    }
    return os;
}

int main() {
    Matrix a{{1, 2}, {3, 4}}, b{{0, 1}, {1, 0}};
    std::cout << a * b << a.transposed() << power({{1, 1}, {1, 0}}, 20);
    try {
        Matrix bad{{1, 2}, {3}};
    } catch (const std::invalid_argument& e) { std::cout << e.what() << '\n'; }
    try {
        std::cout << a * Matrix(3, 1, 2.5);
    } catch (const std::exception& e) { std::cout << e.what() << '\n'; }
    try {
        a(5, 5) = 1;
    } catch (const std::out_of_range&) { std::cout << "out of range\n"; }
    std::cout << (a == a.transposed().transposed()) << ' ' << (a == b) << '\n';
    int grid[3][4] = {{1, 2, 3}, {4, 5}, {}};
    int sum = 0;
    for (auto& row : grid) for (int v : row) sum += v;
    std::cout << sum << ' ' << grid[1][1] << ' ' << grid[2][3] << '\n';
}
