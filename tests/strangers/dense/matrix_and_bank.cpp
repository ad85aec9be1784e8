#include <iostream>
#include <vector>
#include <string>
using namespace std;
class Matrix {
    int rows, cols; vector<vector<int>> data;
public:
    Matrix(int r, int c, int v = 0) : rows(r), cols(c), data(r, vector<int>(c, v)) {}
    int& at(int r, int c) { return data[r][c]; }
    int at(int r, int c) const { return data[r][c]; }
    vector<int>& operator[](int r) { return data[r]; }
    Matrix operator*(const Matrix& o) const { Matrix m(rows, o.cols); for (int i = 0; i < rows; i++) for (int j = 0; j < o.cols; j++) for (int k = 0; k < cols; k++) m.data[i][j] += data[i][k] * o.data[k][j]; return m; }
    Matrix transpose() const { Matrix t(cols, rows); for (int i = 0; i < rows; i++) for (int j = 0; j < cols; j++) t.data[j][i] = data[i][j]; return t; }
    void print() const { for (const auto& row : data) { for (size_t j = 0; j < row.size(); j++) cout << row[j] << (j + 1 < row.size() ? " " : "\n"); } }
};
class Account {
    static int next; int id; double balance; vector<string> log;
public:
    Account(double b = 0) : id(next++), balance(b) {}
    bool withdraw(double x) { if (x > balance) { log.push_back("refused"); return false; } balance -= x; log.push_back("out " + to_string((int)x)); return true; }
    void deposit(double x) { balance += x; log.push_back("in"); }
    void transfer(Account& to, double x) { if (withdraw(x)) to.deposit(x); }
    void show() const { cout << "#" << id << " " << balance << " [" << log.size() << "]"; for (const string& l : log) cout << " " << l; cout << endl; }
};
int Account::next = 100;
int main() {
    Matrix a(2, 3); int n = 1; for (int i = 0; i < 2; i++) for (int j = 0; j < 3; j++) a[i][j] = n++;
    (a * a.transpose()).print(); a.transpose().print();
    a[1][1] = 50; cout << a[1][1] << endl;
    vector<Account> bank(2); bank.push_back(Account(50.5)); bank[2].transfer(bank[0], 20.25); bank[2].transfer(bank[1], 100); for (auto& x : bank) x.show();
    Account* p = &bank[0]; p->deposit(5); (*p).show();
    int grid[3][4]; for (int r = 0; r < 3; r++) for (int c = 0; c < 4; c++) grid[r][c] = r * c; int diag = 0; for (int i = 0; i < 3; i++) diag += grid[i][i]; cout << diag << endl;
    vector<string> names = {"x"}; names.insert(names.begin(), "w"); names.resize(3); names[2] = "z"; for (auto& s : names) cout << s << ","; cout << names.size() << endl;
    vector<vector<char>> map(2, vector<char>(3, '.')); map[0][1] = '#'; for (auto& row : map) { for (char ch : row) cout << ch; cout << endl; }
}
