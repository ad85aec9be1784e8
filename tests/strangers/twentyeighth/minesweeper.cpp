#include <iostream>
#include <vector>
#include <string>

const int ROWS = 5, COLS = 6;

class Field {
    bool mine[ROWS][COLS] = {};
    bool open[ROWS][COLS] = {};
    int left_;
public:
    Field(const std::vector<std::pair<int,int>>& mines) : left_(ROWS * COLS - (int)mines.size()) {
        for (auto& m : mines) mine[m.first][m.second] = true;
    }
    int around(int r, int c) const {
        int n = 0;
        for (int i = r - 1; i <= r + 1; ++i)
            for (int j = c - 1; j <= c + 1; ++j)
                if (inside(i, j) && mine[i][j]) ++n;
        return n;
    }
    static bool inside(int r, int c) { return r >= 0 && r < ROWS && c >= 0 && c < COLS; }
    bool reveal(int r, int c) {
        if (!inside(r, c) || open[r][c]) return true;
        if (mine[r][c]) return false;
        open[r][c] = true;
        left_--;
        if (around(r, c) == 0)
            for (int i = -1; i <= 1; i++)
                for (int j = -1; j <= 1; j++)
                    if (i || j) reveal(r + i, c + j);
        return true;
    }
    bool won() const { return left_ == 0; }
    std::string row(int r, bool all = false) const {
        std::string s;
        for (int c = 0; c < COLS; c++) {
            if (all && mine[r][c]) s += '*';
            else if (!open[r][c]) s += '#';
            else { int n = around(r, c); s += n ? char('0' + n) : ' '; }
        }
        return s;
    }
    void print(bool all = false) const {
        for (int r = 0; r < ROWS; ++r) std::cout << '|' << row(r, all) << "|\n";
    }
};

int main() {
    Field f({{0, 0}, {2, 3}, {4, 5}});
    int r, c, move = 0;
    while (std::cin >> r >> c) {
        std::cout << "Move " << ++move << ": " << r << ',' << c << '\n';
        if (!f.reveal(r, c)) {
            std::cout << "BOOM\n";
            f.print(true);
            return 0;
        }
        f.print();
        if (f.won()) break;
    }
    std::cout << (f.won() ? "won" : "gave up") << std::endl;
}
