#include <iostream>
#include <cstdlib>
#include <ctime>
#include <string>
#include <vector>
using namespace std;

enum Direction { NORTH, EAST, SOUTH, WEST };
const string NAMES[] = {"north", "east", "south", "west"};

class Robot {
    int x = 0, y = 0;
    Direction facing = NORTH;
    vector<pair<int, int>> path;
public:
    Robot() = default;
    Robot(int x, int y, Direction d = EAST) : x(x), y(y), facing(d) { path.push_back({x, y}); }
    void left() { facing = static_cast<Direction>((facing + 3) % 4); }
    void right() { facing = Direction((facing + 1) % 4); }
    void forward(int steps = 1) {
        while (steps-- > 0) {
            switch (facing) {
                case NORTH: y++; break;
                case SOUTH: y--; break;
                case EAST: x++; break;
                case WEST: x--; break;
            }
            path.emplace_back(x, y);
        }
    }
    void run(const string& program) {
        for (size_t i = 0; i < program.length(); i++) {
            char c = program[i];
            if (c == 'L') left();
            else if (c == 'R') right();
            else if (c >= '0' && c <= '9') forward(c - '0');
            else cout << "? " << c << endl;
        }
    }
    string where() const { return "(" + to_string(x) + "," + to_string(y) + ") " + NAMES[facing]; }
    int steps() const { return path.size(); }
    bool visited(int a, int b) const {
        for (auto p : path) if (p.first == a && p.second == b) return true;
        return false;
    }
};

int main() {
    Robot r, s(2, 3);
    r.run("3R2R1L4X");
    s.run("L2L2");
    cout << r.where() << " " << s.where() << endl;
    cout << r.steps() << " " << s.steps() << boolalpha << " " << s.visited(2, 5) << s.visited(0, 0) << endl;
    srand(time(0));
    int d = rand() % 6 + 1;
    cout << (d >= 1 && d <= 6) << endl;
    Robot team[3] = {Robot(1, 1), Robot(5, 5, SOUTH)};
    for (Robot& each : team) { each.forward(2); cout << each.where() << "; "; }
    cout << endl;
    int grid[5][5] = {};
    int px = 2, py = 2, n = 1;
    int dx[] = {1, 0, -1, 0}, dy[] = {0, 1, 0, -1};
    int len = 1, dir = 0;
    grid[py][px] = n++;
    while (n <= 25) {
        for (int twice = 0; twice < 2; twice++) {
            for (int k = 0; k < len && n <= 25; k++) {
                px += dx[dir]; py += dy[dir];
                grid[py][px] = n++;
            }
            dir = (dir + 1) % 4;
        }
        len++;
    }
    for (int i = 0; i < 5; i++) {
        for (int j = 0; j < 5; j++) {
            cout.width(3);
            cout << grid[i][j];
        }
        cout << "\n";
    }
    long long big = 1;
    for (int i = 0; i < 40; i++) big *= 2;
    cout << big << " " << (int)(big % 1000) << endl;
    double avg = (double)(7 + 8) / 2;
    float f = 1.0f / 3;
    cout << avg << " " << f << " " << 10 / 4 * 2.5 << " " << 10 / 4.0 << endl;
    unsigned char uc = 250;
    uc += 10;
    cout << (int)uc << " " << 'a' + 1 << " " << (char)('a' + 1) << endl;
    int number = 12321, rev = 0, copy = number;
    do { rev = rev * 10 + copy % 10; copy /= 10; } while (copy);
    cout << (rev == number ? "palindrome" : "not") << endl;
    string word = "level";
    bool same = true;
    for (int i = 0, j = word.size() - 1; i < j; i++, j--) same &= word[i] == word[j];
    cout << same << endl;
    goto_like: ;
    cout << (true ? "a" : "b") << endl;
    return 0;
}
