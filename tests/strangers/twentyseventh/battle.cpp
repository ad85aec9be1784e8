#include <iostream>
#include <vector>
#include <array>
#include <string>
#include <cstdlib>
using namespace std;

const int SIZE = 6;
enum State { EMPTY, SHIP, HIT, MISS };
typedef array<array<State, SIZE>, SIZE> Board;

struct Ship { string name; int length; int hits = 0; bool sunk() const { return hits == length; } };
struct Fleet { vector<Ship> ships; int owner[SIZE][SIZE]; };

void clear(Board& b, Fleet& f) {
    for (auto& row : b) row.fill(EMPTY);
    for (int r = 0; r < SIZE; r++) for (int c = 0; c < SIZE; c++) f.owner[r][c] = -1;
}
bool place(Board& b, Fleet& f, const string& name, int r, int c, int len, bool across) {
    int dr = across ? 0 : 1, dc = across ? 1 : 0;
    for (int k = 0; k < len; k++) {
        int y = r + dr * k, x = c + dc * k;
        if (y >= SIZE || x >= SIZE || b[y][x] != EMPTY) return false;
    }
    for (int k = 0; k < len; k++) {
        b[r + dr * k][c + dc * k] = SHIP;
        f.owner[r + dr * k][c + dc * k] = f.ships.size();
    }
    f.ships.push_back({name, len});
    return true;
}
string shoot(Board& b, Fleet& f, const string& at) {
    if (at.size() < 2 || !isalpha(at[0]) || !isdigit(at[1])) return "bad shot";
    int c = toupper(at[0]) - 'A', r = at[1] - '1';
    if (r < 0 || r >= SIZE || c < 0 || c >= SIZE) return "off the board";
    State& s = b[r][c];
    switch (s) {
        case EMPTY: s = MISS; return "miss";
        case SHIP: {
            s = HIT;
            Ship& ship = f.ships[f.owner[r][c]];
            ship.hits++;
            return ship.sunk() ? "sunk " + ship.name : "hit";
        }
        default: return "again?";
    }
}
void show(const Board& b, bool secret) {
    static const string signs = ".#X~";
    cout << "  ";
    for (char c = 'A'; c < 'A' + SIZE; c++) cout << c;
    cout << "\n";
    int n = 1;
    for (const auto& row : b) {
        cout << n++ << ' ';
        for (State s : row) cout << (secret && s == SHIP ? '.' : signs[s]);
        cout << "\n";
    }
}
int main() {
    Board b;
    Fleet f;
    clear(b, f);
    cout << place(b, f, "punt", 0, 0, 2, true) << place(b, f, "raft", 0, 1, 3, false) << place(b, f, "barge", 2, 3, 3, true) << place(b, f, "canoe", 4, 5, 3, false) << endl;
    string at;
    int shots = 0;
    while (cin >> at) {
        cout << at << ": " << shoot(b, f, at) << "\n";
        ++shots;
        bool all = true;
        for (const Ship& s : f.ships) all = all && s.sunk();
        if (all) { cout << "all gone after " << shots << "\n"; break; }
    }
    show(b, true);
    show(b, false);
    int left = 0;
    for (auto& row : b) for (auto& cell : row) left += cell == SHIP;
    cout << left << " left, " << f.ships.size() << " ships\n";
}
