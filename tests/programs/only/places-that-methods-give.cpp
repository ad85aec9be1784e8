#include <iostream>
#include <vector>
using namespace std;
class Grid {
    int rows, cols;
    vector<int> cells;
public:
    Grid(int r, int c) : rows(r), cols(c), cells(r * c, 0) {}
    int& at(int r, int c) { return cells[r * cols + c]; }
    int& operator()(int r, int c) { return cells[r * cols + c]; }
    int operator()(int r, int c) const { return cells[r * cols + c]; }
    int& operator[](int i) { return cells[i]; }
    int& width() { return cols; }
};
int main() {
    Grid g(2, 3);
    g.at(1, 2) = 5;
    g.at(1, 2) += 2;
    g.at(0, 0)++;
    g(0, 1) = 8;
    g[2] = 4;
    g[2] *= 3;
    for (int r = 0; r < 2; r++) {
        for (int c = 0; c < 3; c++) { g.at(r, c) += r + c; cout << g(r, c) << " "; }
        cout << endl;
    }
    cout << g[2] << " " << g.width() << endl;
}
