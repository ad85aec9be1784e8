#include <iostream>
#include <vector>
#include <cmath>
#include <iomanip>
#include <cassert>

class Matrix {
private:
    int rows, cols;
    std::vector<std::vector<double>> data;

public:
    Matrix(int r, int c, double fill = 0.0) : rows(r), cols(c), data(r, std::vector<double>(c, fill)) {}
    Matrix(std::initializer_list<std::initializer_list<double>> init) : rows(init.size()), cols(0) {
        for (auto& row : init) {
            data.push_back(row);
            cols = row.size();
        }
    }
    double& operator()(int r, int c) { return data[r][c]; }
    double operator()(int r, int c) const { return data.at(r).at(c); }
    std::vector<double>& operator[](int r) { return data[r]; }
    Matrix operator*(const Matrix& b) const {
        assert(cols == b.rows);
        Matrix out(rows, b.cols);
        for (int i = 0; i < rows; i++)
            for (int j = 0; j < b.cols; j++)
                for (int k = 0; k < cols; k++) out(i, j) += (*this)(i, k) * b(k, j);
        return out;
    }
    Matrix operator*(double f) const {
        Matrix out = *this;
        for (auto& row : out.data)
            for (double& v : row) v *= f;
        return out;
    }
    Matrix transposed() const {
        Matrix out(cols, rows);
        for (int i = 0; i < rows; i++)
            for (int j = 0; j < cols; j++) out.data[j][i] = data[i][j];
        return out;
    }
    double trace() const {
        double t = 0;
        for (int i = 0; i < std::min(rows, cols); i++) t += data[i][i];
        return t;
    }
    void print(std::ostream& out = std::cout, int width = 7) const {
        for (const auto& row : data) {
            for (double v : row) out << std::setw(width) << std::fixed << std::setprecision(1) << v;
            out << '\n';
        }
    }
};

Matrix operator*(double f, const Matrix& m) { return m * f; }

double determinant(std::vector<std::vector<double>> a) {
    double det = 1;
    const int n = a.size();
    for (int i = 0; i < n; i++) {
        int pivot = i;
        for (int r = i + 1; r < n; r++)
            if (std::abs(a[r][i]) > std::fabs(a[pivot][i])) pivot = r;
        if (std::abs(a[pivot][i]) < 1e-9) return 0;
        if (pivot != i) {
            std::swap(a[pivot], a[i]);
            det = -det;
        }
        det *= a[i][i];
        for (int r = i + 1; r < n; r++) {
            double f = a[r][i] / a[i][i];
            for (int c = i; c < n; c++) a[r][c] -= f * a[i][c];
        }
    }
    return det;
}

int main() {
    Matrix a{{1, 2, 3}, {4, 5, 6}};
    Matrix b = a.transposed();
    (a * b).print();
    (0.5 * a).print(std::cout, 5);
    Matrix id(2, 2);
    id[0][0] = id(1, 1) = 1;
    std::cout << (a * b).trace() << ' ' << id.trace() << '\n';
    std::cout << std::setprecision(3) << determinant({{2, 0, 1}, {1, 3, 2}, {1, 1, 4}}) << '\n';
    try {
        const Matrix& ref = a;
        std::cout << ref(5, 0);
    } catch (const std::exception& e) {
        std::cout << "outside\n";
    }
    std::cout << std::sqrt(2.0) << ' ' << std::pow(2, 0.5) << ' ' << std::floor(-2.5) << ' ' << std::round(2.5) << ' ' << M_PI << '\n';
}
