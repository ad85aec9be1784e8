#include <iostream>
#include <vector>
#include <stdexcept>
#include <initializer_list>

using std::cout;
using std::endl;
using std::vector;

class Matrix {
public:
    Matrix(int rows, int cols, double value = 0) : rows_(rows), cols_(cols), data_(rows * cols, value) {}
    static Matrix identity(int n) {
        Matrix m(n, n);
        for (int i = 0; i < n; ++i) m(i, i) = 1;
        return m;
    }
    double& operator()(int r, int c) { return data_[r * cols_ + c]; }
    double operator()(int r, int c) const { return data_[r * cols_ + c]; }
    int rows() const { return rows_; }
    int cols() const { return cols_; }
    Matrix operator*(const Matrix& o) const {
        if (cols_ != o.rows_) throw std::invalid_argument("sizes differ");
        Matrix out(rows_, o.cols_);
        for (int i = 0; i < rows_; ++i)
            for (int j = 0; j < o.cols_; ++j)
                for (int k = 0; k < cols_; ++k)
                    out(i, j) += (*this)(i, k) * o(k, j);
        return out;
    }
    Matrix& operator+=(const Matrix& o) {
        for (size_t i = 0; i < data_.size(); ++i) data_[i] += o.data_[i];
        return *this;
    }
    bool operator==(const Matrix& o) const { return rows_ == o.rows_ && cols_ == o.cols_ && data_ == o.data_; }
    friend std::ostream& operator<<(std::ostream& os, const Matrix& m) {
        for (int i = 0; i < m.rows_; ++i) {
            for (int j = 0; j < m.cols_; ++j) os << (j ? " " : "") << m(i, j);
            os << "\n";
        }
        return os;
    }
private:
    int rows_, cols_;
    vector<double> data_;
};

Matrix operator+(Matrix a, const Matrix& b) { return a += b; }

template <typename T>
T largest(const vector<T>& v) {
    T best = v.at(0);
    for (const T& x : v) if (best < x) best = x;
    return best;
}

int main() {
    Matrix a(2, 3, 1.5), b(3, 2);
    for (int i = 0; i < 3; i++) for (int j = 0; j < 2; j++) b(i, j) = i - j;
    cout << a * b << endl;
    Matrix c = Matrix::identity(2) + Matrix::identity(2);
    cout << c;
    cout << std::boolalpha << (c == Matrix::identity(2)) << " " << (c == c) << endl;
    try {
        Matrix d = a * a;
        cout << d;
    } catch (std::invalid_argument& e) {
        cout << "error: " << e.what() << endl;
    }
    cout << largest<int>({3, 9, 2}) << " " << largest(vector<double>{1.5, 0.5}) << " " << largest(vector<std::string>{"bean", "kale"}) << endl;
}
