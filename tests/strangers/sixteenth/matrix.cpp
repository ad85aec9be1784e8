#include <iostream>
#include <vector>
#include <stdexcept>
#include <iomanip>

class Matrix {
private:
    std::size_t rows, cols;
    std::vector<double> data;

public:
    Matrix(std::size_t r, std::size_t c, double value = 0.0) : rows(r), cols(c), data(r * c, value) {}

    double& operator()(std::size_t r, std::size_t c) {
        if (r >= rows || c >= cols) throw std::out_of_range("Matrix index");
        return data[r * cols + c];
    }
    double operator()(std::size_t r, std::size_t c) const { return data[r * cols + c]; }

    std::size_t getRows() const { return rows; }
    std::size_t getCols() const { return cols; }

    static Matrix identity(std::size_t n) {
        Matrix m(n, n);
        for (std::size_t i = 0; i < n; ++i) m(i, i) = 1;
        return m;
    }

    Matrix operator*(const Matrix& other) const {
        if (cols != other.rows) throw std::invalid_argument("dimensions do not match");
        Matrix result(rows, other.cols);
        for (std::size_t i = 0; i < rows; ++i)
            for (std::size_t j = 0; j < other.cols; ++j)
                for (std::size_t k = 0; k < cols; ++k)
                    result(i, j) += (*this)(i, k) * other(k, j);
        return result;
    }

    Matrix transposed() const {
        Matrix t(cols, rows);
        for (std::size_t i = 0; i < rows; i++)
            for (std::size_t j = 0; j < cols; j++)
                t(j, i) = (*this)(i, j);
        return t;
    }
};

std::ostream& operator<<(std::ostream& out, const Matrix& m) {
    for (std::size_t i = 0; i < m.getRows(); ++i) {
        for (std::size_t j = 0; j < m.getCols(); ++j) out << std::setw(6) << m(i, j);
        out << '\n';
    }
    return out;
}

int main() {
    Matrix a(2, 3);
    int n = 1;
    for (std::size_t i = 0; i < 2; ++i)
        for (std::size_t j = 0; j < 3; ++j) a(i, j) = n++;
    std::cout << a << "---\n" << a.transposed() << "---\n" << a * a.transposed();
    std::cout << Matrix::identity(2) * a;
    try {
        Matrix bad = a * a;
    } catch (const std::invalid_argument& e) {
        std::cout << "Error: " << e.what() << std::endl;
    }
    try {
        a(5, 0) = 1;
    } catch (const std::out_of_range& e) {
        std::cout << "Range: " << e.what() << std::endl;
    }
}
