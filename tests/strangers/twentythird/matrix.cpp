#include <iostream>
#include <vector>
#include <iomanip>
#include <initializer_list>
#include <cassert>
#include <functional>

class Matrix {
    std::size_t rows_, cols_;
    std::vector<double> data_;
public:
    Matrix(std::size_t rows, std::size_t cols, double fill = 0.0)
        : rows_(rows), cols_(cols), data_(rows * cols, fill) {}
    Matrix(std::initializer_list<std::initializer_list<double>> init)
        : rows_(init.size()), cols_(init.begin()->size()) {
        for (const auto& row : init) {
            assert(row.size() == cols_);
            data_.insert(data_.end(), row.begin(), row.end());
        }
    }
    double& operator()(std::size_t r, std::size_t c) { return data_[r * cols_ + c]; }
    double operator()(std::size_t r, std::size_t c) const { return data_[r * cols_ + c]; }
    std::size_t rows() const { return rows_; }
    std::size_t cols() const { return cols_; }

    Matrix transposed() const {
        Matrix t(cols_, rows_);
        for (std::size_t r = 0; r < rows_; ++r)
            for (std::size_t c = 0; c < cols_; ++c)
                t(c, r) = (*this)(r, c);
        return t;
    }
    Matrix operator*(const Matrix& o) const {
        if (cols_ != o.rows_) throw std::invalid_argument("sizes do not fit");
        Matrix result(rows_, o.cols_);
        for (std::size_t i = 0; i < rows_; ++i)
            for (std::size_t j = 0; j < o.cols_; ++j)
                for (std::size_t k = 0; k < cols_; ++k)
                    result(i, j) += (*this)(i, k) * o(k, j);
        return result;
    }
    Matrix& operator+=(const Matrix& o) {
        for (std::size_t i = 0; i < data_.size(); ++i) data_[i] += o.data_[i];
        return *this;
    }
    Matrix map(const std::function<double(double)>& f) const {
        Matrix m = *this;
        for (double& d : m.data_) d = f(d);
        return m;
    }
    static Matrix identity(std::size_t n) {
        Matrix m(n, n);
        for (std::size_t i = 0; i < n; ++i) m(i, i) = 1;
        return m;
    }
    bool operator==(const Matrix& o) const { return rows_ == o.rows_ && cols_ == o.cols_ && data_ == o.data_; }
    friend std::ostream& operator<<(std::ostream& os, const Matrix& m);
};

std::ostream& operator<<(std::ostream& os, const Matrix& m) {
    for (std::size_t r = 0; r < m.rows_; ++r) {
        os << "[";
        for (std::size_t c = 0; c < m.cols_; ++c) os << std::setw(7) << m(r, c);
        os << " ]\n";
    }
    return os;
}

double determinant(Matrix m) {
    double det = 1;
    const std::size_t n = m.rows();
    for (std::size_t i = 0; i < n; ++i) {
        std::size_t pivot = i;
        while (pivot < n && m(pivot, i) == 0) ++pivot;
        if (pivot == n) return 0;
        if (pivot != i) {
            for (std::size_t c = 0; c < n; ++c) std::swap(m(i, c), m(pivot, c));
            det = -det;
        }
        det *= m(i, i);
        for (std::size_t r = i + 1; r < n; ++r) {
            const double factor = m(r, i) / m(i, i);
            for (std::size_t c = i; c < n; ++c) m(r, c) -= factor * m(i, c);
        }
    }
    return det;
}

int main() {
    Matrix a{{1, 2}, {3, 4}};
    Matrix b = {{0, 1.5}, {1, -2}, {4, 0}};
    std::cout << a << b.transposed() << b * a;
    a += Matrix::identity(2);
    std::cout << a << std::boolalpha << (a * Matrix::identity(2) == a) << '\n';
    double offset = 0.5;
    std::cout << a.map([offset](double x) { return x * x + offset; });
    std::cout << determinant({{2, 0, 1}, {1, 3, 2}, {1, 1, 4}}) << ' ' << determinant(Matrix(3, 3, 1)) << '\n';
    try { a * b; } catch (const std::invalid_argument& e) { std::cout << e.what() << '\n'; }
    const int N = 4;
    int grid[N][N] = {}, value = 1;
    for (int layer = 0; layer < (N + 1) / 2; layer++) {
        for (int i = layer; i < N - layer; i++) grid[layer][i] = value++;
        for (int i = layer + 1; i < N - layer; i++) grid[i][N - 1 - layer] = value++;
        for (int i = N - 2 - layer; i >= layer; i--) grid[N - 1 - layer][i] = value++;
        for (int i = N - 2 - layer; i > layer; i--) grid[i][layer] = value++;
    }
    for (auto& row : grid) {
        for (int v : row) std::cout << std::setw(3) << v;
        std::cout << '\n';
    }
    int sum = 0;
    for (int i = 0; i < N; i++) sum += grid[i][i] + grid[i][N - i - 1];
    std::cout << sum << " " << sizeof(grid) / sizeof(grid[0]) << '\n';
}
