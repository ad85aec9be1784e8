#include <iostream>
#include <vector>
#include <map>
#include <set>
using namespace std;

class Matrix {
private:
    int rows, cols;
    vector<vector<int>> data;
public:
    Matrix(int r, int c) : rows(r), cols(c), data(r, vector<int>(c, 0)) {}
    int& at(int r, int c) { return data[r][c]; }
    int get(int r, int c) const { return data[r][c]; }
    Matrix operator*(const Matrix& o) const {
        Matrix res(rows, o.cols);
        for (int i = 0; i < rows; i++)
            for (int j = 0; j < o.cols; j++)
                for (int k = 0; k < cols; k++)
                    res.data[i][j] += data[i][k] * o.data[k][j];
        return res;
    }
    void print() const {
        for (const auto& row : data) {
            for (size_t i = 0; i < row.size(); ++i)
                cout << row[i] << (i + 1 < row.size() ? " " : "");
            cout << "\n";
        }
    }
};

int main() {
    Matrix a(2, 3), b(3, 2);
    int v = 1;
    for (int i = 0; i < 2; i++) for (int j = 0; j < 3; j++) a.at(i, j) = v++;
    for (int i = 0; i < 3; i++) for (int j = 0; j < 2; j++) b.at(i, j) = v--;
    a.print();
    cout << "x" << endl;
    b.print();
    cout << "=" << endl;
    (a * b).print();
    map<string, set<int>> index;
    string words[] = {"pea", "bean", "pea", "leek", "bean", "pea"};
    for (int i = 0; i < 6; i++) index[words[i]].insert(i);
    for (auto& [w, lines] : index) {
        cout << w << ":";
        for (int l : lines) cout << ' ' << l;
        cout << " (" << lines.size() << ")\n";
    }
    index.erase("leek");
    cout << index.size() << " " << index.count("leek") << " " << (index.find("pea") != index.end()) << endl;
}
