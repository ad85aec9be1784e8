#include <iostream>
#include <vector>
#include <string>
using namespace std;

enum class Cell { Empty, Wall, Start, End, Path };

class Maze {
    vector<vector<Cell>> grid;
    int width, height;
public:
    Maze(const vector<string>& rows) : width(rows[0].size()), height(rows.size()) {
        for (const string& row : rows) {
            vector<Cell> line;
            for (char c : row) {
                switch (c) {
                    case '#': line.push_back(Cell::Wall); break;
                    case 'S': line.push_back(Cell::Start); break;
                    case 'E': line.push_back(Cell::End); break;
                    default: line.push_back(Cell::Empty);
                }
            }
            grid.push_back(line);
        }
    }

    bool solve(int x, int y) {
        if (x < 0 || y < 0 || x >= width || y >= height) return false;
        Cell& cell = grid[y][x];
        if (cell == Cell::End) return true;
        if (cell == Cell::Wall || cell == Cell::Path) return false;
        Cell before = cell;
        cell = Cell::Path;
        const int dx[] = {1, 0, -1, 0};
        const int dy[] = {0, 1, 0, -1};
        for (int d = 0; d < 4; ++d)
            if (solve(x + dx[d], y + dy[d])) {
                if (before == Cell::Start) cell = Cell::Start;
                return true;
            }
        cell = before;
        return false;
    }

    void print() const {
        for (const auto& row : grid) {
            for (Cell c : row) {
                char sign = ' ';
                if (c == Cell::Wall) sign = '#';
                else if (c == Cell::Start) sign = 'S';
                else if (c == Cell::End) sign = 'E';
                else if (c == Cell::Path) sign = '.';
                cout << sign;
            }
            cout << '\n';
        }
    }
};

int main() {
    Maze maze({"#########", "#S  #   #", "# # # # #", "# #   #E#", "#########"});
    cout << boolalpha << maze.solve(1, 1) << endl;
    maze.print();
}
