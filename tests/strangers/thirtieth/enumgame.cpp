#include <iostream>
#include <vector>
#include <string>
#include <array>
#include <random>
#include <cassert>

enum class Cell : char { Empty = '.', X = 'X', O = 'O' };
enum Result { PLAYING, WIN, DRAW };

class Board {
    std::array<std::array<Cell, 3>, 3> cells;
    int moves{0};

public:
    Board() { for (auto& row : cells) row.fill(Cell::Empty); }

    bool play(int r, int c, Cell who) {
        if (r < 0 || r > 2 || c < 0 || c > 2 || cells[r][c] != Cell::Empty) return false;
        cells[r][c] = who;
        ++moves;
        return true;
    }

    Result result() const {
        for (int i = 0; i < 3; ++i) {
            if (line(cells[i][0], cells[i][1], cells[i][2])) return WIN;
            if (line(cells[0][i], cells[1][i], cells[2][i])) return WIN;
        }
        if (line(cells[0][0], cells[1][1], cells[2][2]) || line(cells[0][2], cells[1][1], cells[2][0])) return WIN;
        return moves == 9 ? DRAW : PLAYING;
    }

    void show(std::ostream& out = std::cout) const {
        for (const auto& row : cells) {
            for (Cell c : row) out << static_cast<char>(c) << ' ';
            out << '\n';
        }
    }

private:
    static bool line(Cell a, Cell b, Cell c) { return a != Cell::Empty && a == b && b == c; }
};

Cell other(Cell c) { return c == Cell::X ? Cell::O : Cell::X; }

int main() {
    Board board;
    Cell turn = Cell::X;
    std::vector<std::pair<int, int>> script{{1, 1}, {0, 0}, {1, 1}, {0, 2}, {0, 1}, {5, 0}, {2, 1}, {1, 0}, {2, 0}};
    for (const auto& [r, c] : script) {
        if (!board.play(r, c, turn)) {
            std::cout << "(" << r << "," << c << ") is not possible\n";
            continue;
        }
        if (board.result() != PLAYING) break;
        turn = other(turn);
    }
    board.show();
    switch (board.result()) {
        case WIN: std::cout << static_cast<char>(turn) << " wins\n"; break;
        case DRAW: std::cout << "draw\n"; break;
        case PLAYING: std::cout << "still playing\n"; break;
    }
    assert(board.result() == WIN);
    std::cout << static_cast<int>(board.result()) << ' ' << int(DRAW) << '\n';
    std::mt19937 gen(7);
    std::uniform_int_distribution<int> die(1, 6);
    int v = die(gen);
    std::cout << std::boolalpha << (v >= 1 && v <= 6) << '\n';
}
