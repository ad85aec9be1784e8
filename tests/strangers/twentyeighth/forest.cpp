#include <iostream>
#include <string>
#include <vector>
#include <cstdlib>
#include <ctime>
#include <limits>

enum Cell { EMPTY, TREE, FIRE };

class Forest {
    int w, h, step = 0;
    std::vector<std::vector<Cell>> grid;
public:
    Forest(const std::vector<std::string>& rows) {
        h = rows.size();
        w = rows[0].size();
        grid.assign(h, std::vector<Cell>(w, EMPTY));
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x)
                switch (rows[y][x]) {
                    case 'T': grid[y][x] = TREE; break;
                    case '*': grid[y][x] = FIRE; break;
                    default: break;
                }
    }
    bool burning() const {
        for (const auto& row : grid)
            for (Cell c : row)
                if (c == FIRE) return true;
        return false;
    }
    void tick() {
        auto next = grid;
        static const int dx[] = {1, -1, 0, 0};
        static const int dy[] = {0, 0, 1, -1};
        for (int y = 0; y < h; ++y) {
            for (int x = 0; x < w; ++x) {
                if (grid[y][x] == FIRE) {
                    next[y][x] = EMPTY;
                    for (int d = 0; d < 4; ++d) {
                        int nx = x + dx[d], ny = y + dy[d];
                        if (nx >= 0 && nx < w && ny >= 0 && ny < h && grid[ny][nx] == TREE)
                            next[ny][nx] = FIRE;
                    }
                }
            }
        }
        grid.swap(next);
        ++step;
    }
    int count(Cell what) const {
        int n = 0;
        for (auto& row : grid) for (auto c : row) n += (c == what);
        return n;
    }
    std::string text() const {
        static const char signs[] = ".T*";
        std::string out;
        for (auto& row : grid) { for (auto c : row) out += signs[c]; out += '\n'; }
        return out;
    }
    int steps() const { return step; }
};

int main() {
    std::srand(42);
    Forest f({"TTT.T", "T*TTT", "..T.T"});
    std::cout << f.text() << "trees " << f.count(TREE) << "\n";
    while (f.burning()) {
        f.tick();
        if (f.steps() == 1) std::cout << f.text();
    }
    std::cout << "after " << f.steps() << " steps " << f.count(TREE) << " trees left" << std::endl;
    int r = std::rand() % 1;
    std::cout << r << " " << std::numeric_limits<int>::max() << " " << sizeof(int) << std::endl;
}
