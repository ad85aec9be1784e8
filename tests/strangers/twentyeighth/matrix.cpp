#include <iostream>
#include <vector>
#include <stdexcept>

template <typename T>
class Matrix {
private:
    std::vector<std::vector<T>> data;
    int rows_, cols_;
public:
    Matrix(int r, int c, T fill = T()) : data(r, std::vector<T>(c, fill)), rows_(r), cols_(c) {}
    T& operator()(int r, int c) {
        if (r < 0 || r >= rows_ || c < 0 || c >= cols_)
            throw std::out_of_range("bad index");
        return data[r][c];
    }
    const T& operator()(int r, int c) const { return data.at(r).at(c); }
    int rows() const { return rows_; }
    int cols() const { return cols_; }
    Matrix operator*(const Matrix& o) const {
        if (cols_ != o.rows_) throw std::invalid_argument("sizes do not match");
        Matrix res(rows_, o.cols_);
        for (int i = 0; i < rows_; ++i)
            for (int j = 0; j < o.cols_; ++j)
                for (int k = 0; k < cols_; ++k)
                    res(i, j) += (*this)(i, k) * o(k, j);
        return res;
    }
    Matrix transposed() const {
        Matrix t(cols_, rows_);
        for (int i = 0; i < rows_; ++i)
            for (int j = 0; j < cols_; ++j)
                t.data[j][i] = data[i][j];
        return t;
    }
    friend std::ostream& operator<<(std::ostream& os, const Matrix& m) {
        for (const auto& row : m.data) {
            for (const auto& x : row) os << x << ' ';
            os << '\n';
        }
        return os;
    }
};

int main() {
    Matrix<int> a(2, 3, 1);
    a(0, 1) = 5;
    a(1, 2) = -2;
    std::cout << a << a.transposed() << a * a.transposed();
    try {
        a(2, 0) = 1;
    } catch (const std::out_of_range& e) {
        std::cerr << "error\n";
        std::cout << "caught " << e.what() << std::endl;
    }
    try {
        Matrix<int> b = a * a;
    } catch (const std::exception& e) {
        std::cout << "caught " << e.what() << std::endl;
    }
}
