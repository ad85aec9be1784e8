#include <iostream>
#include <vector>
#include <stdexcept>
using namespace std;

class Matrix {
private:
    int rows, cols;
    vector<double> data;
public:
    Matrix(int r, int c, double value = 0) : rows(r), cols(c), data(r * c, value) {}
    Matrix(const Matrix& other) : rows(other.rows), cols(other.cols), data(other.data) {}

    double& at(int r, int c) {
        if (r < 0 || r >= rows || c < 0 || c >= cols) throw out_of_range("no such cell");
        return data[r * cols + c];
    }
    double at(int r, int c) const { if (r < 0 || r >= rows || c < 0 || c >= cols) throw out_of_range("no such cell"); return data[r * cols + c]; }

    Matrix operator*(const Matrix& other) const {
        Matrix result(rows, other.cols);
        for (int i = 0; i < rows; i++)
            for (int j = 0; j < other.cols; j++) {
                double sum = 0;
                for (int k = 0; k < cols; k++) sum += at(i, k) * other.at(k, j);
                result.at(i, j) = sum;
            }
        return result;
    }

    friend ostream& operator<<(ostream& out, const Matrix& m) {
        for (int i = 0; i < m.rows; i++) {
            for (int j = 0; j < m.cols; j++) out << (j ? " " : "") << m.at(i, j);
            out << endl;
        }
        return out;
    }
};

int main() {
    Matrix a(2, 2), b(2, 2, 1);
    a.at(0, 0) = 1;
    a.at(0, 1) = 2;
    a.at(1, 0) = 3;
    a.at(1, 1) = 4;
    Matrix c = a * b;
    Matrix copy(c);
    copy.at(0, 0) += 100;
    cout << c << copy;
    try {
        a.at(5, 5) = 1;
    } catch (const out_of_range& e) {
        cout << "error: " << e.what() << endl;
    }
    return 0;
}
