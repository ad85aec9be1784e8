#include <iostream>
#include <array>
#include <random>
#include <string>
#include <tuple>
#include <optional>
#include <chrono>

namespace garden {
    enum Cell { Empty, Cross, Nought };

    class Board {
        std::array<std::array<Cell, 3>, 3> cells{};
        int used = 0;

    public:
        bool play(int row, int col, Cell who) {
            if (row < 0 || row > 2 || col < 0 || col > 2 || cells[row][col] != Empty) return false;
            cells[row][col] = who;
            ++used;
            return true;
        }
        std::optional<Cell> winner() const {
            for (int i = 0; i < 3; ++i) {
                if (cells[i][0] != Empty && cells[i][0] == cells[i][1] && cells[i][1] == cells[i][2]) return cells[i][0];
                if (cells[0][i] != Empty && cells[0][i] == cells[1][i] && cells[1][i] == cells[2][i]) return cells[0][i];
            }
            if (cells[1][1] != Empty && ((cells[0][0] == cells[1][1] && cells[1][1] == cells[2][2]) || (cells[0][2] == cells[1][1] && cells[1][1] == cells[2][0]))) return cells[1][1];
            return std::nullopt;
        }
        bool full() const { return used == 9; }
        void draw() const {
            for (const auto& row : cells) {
                for (auto cell : row) {
                    switch (cell) {
                        case Cross: std::cout << 'X'; break;
                        case Nought: std::cout << 'O'; break;
                        default: std::cout << '.';
                    }
                }
                std::cout << '\n';
            }
        }
    };
}

std::tuple<int, int, std::string> next(int turn) {
    static const int moves[][2] = {{1, 1}, {0, 0}, {0, 2}, {2, 0}, {2, 0}, {1, 0}, {1, 2}, {0, 1}};
    return {moves[turn][0], moves[turn][1], turn % 2 ? "Nought" : "Cross"};
}

int main() {
    using namespace garden;
    Board board;
    Cell who = Cross;
    for (int turn = 0; turn < 8 && !board.winner().has_value(); ++turn) {
        auto [row, col, name] = next(turn);
        if (!board.play(row, col, who)) {
            std::cout << name << " may not play " << row << "," << col << "\n";
            continue;
        }
        who = who == Cross ? Nought : Cross;
    }
    board.draw();
    if (auto w = board.winner()) std::cout << (*w == Cross ? "Cross" : "Nought") << " wins\n";
    else std::cout << (board.full() ? "Draw" : "Not over") << '\n';
    std::mt19937 rng(5);
    std::uniform_int_distribution<int> die(1, 6);
    bool ok = true;
    for (int i = 0; i < 100; ++i) { int d = die(rng); ok = ok && d >= 1 && d <= 6; }
    std::cout << std::boolalpha << ok << std::endl;
}
