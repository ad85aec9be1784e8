#include <iostream>
#include <array>
#include <string>
#include <cstdlib>

using std::cout;
using std::string;

const int ROWS = 6, COLS = 7;

class ConnectFour {
public:
    ConnectFour() { for (auto& row : grid) row.fill('.'); }
    bool drop(int col, char who) {
        if (col < 0 || col >= COLS) return false;
        for (int r = ROWS - 1; r >= 0; --r) {
            if (grid[r][col] == '.') {
                grid[r][col] = who;
                lastRow = r; lastCol = col;
                return true;
            }
        }
        return false;
    }
    bool won() const {
        static const int dirs[4][2] = {{0, 1}, {1, 0}, {1, 1}, {1, -1}};
        char who = grid[lastRow][lastCol];
        for (const auto& d : dirs) {
            int n = 1 + run(d[0], d[1], who) + run(-d[0], -d[1], who);
            if (n >= 4) return true;
        }
        return false;
    }
    void show() const {
        for (const auto& row : grid) {
            for (char c : row) cout << c << ' ';
            cout << '\n';
        }
    }
private:
    int run(int dr, int dc, char who) const {
        int n = 0, r = lastRow + dr, c = lastCol + dc;
        while (r >= 0 && r < ROWS && c >= 0 && c < COLS && grid[r][c] == who) {
            ++n; r += dr; c += dc;
        }
        return n;
    }
    std::array<std::array<char, COLS>, ROWS> grid;
    int lastRow = 0, lastCol = 0;
};

int main() {
    ConnectFour game;
    int moves[] = {3, 2, 3, 2, 3, 4, 3};
    char player = 'X';
    for (int m : moves) {
        if (!game.drop(m, player)) { cout << "bad move\n"; continue; }
        if (game.won()) { cout << player << " wins\n"; break; }
        player = player == 'X' ? 'O' : 'X';
    }
    game.show();
    return EXIT_SUCCESS;
}
