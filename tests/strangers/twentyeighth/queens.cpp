#include <iostream>
#include <string>
using namespace std;

const int SIZE = 8;

void init(char board[SIZE][SIZE]) {
    for (int r = 0; r < SIZE; r++)
        for (int c = 0; c < SIZE; c++)
            board[r][c] = '.';
}

bool safe(const int queens[], int row, int col) {
    for (int r = 0; r < row; r++) {
        int c = queens[r];
        if (c == col || abs(c - col) == row - r) return false;
    }
    return true;
}

int solve(int queens[], int row, int n, int &shown) {
    if (row == n) {
        if (shown < 1) {
            shown++;
            char board[SIZE][SIZE];
            init(board);
            for (int r = 0; r < n; r++) board[r][queens[r]] = 'Q';
            for (int r = 0; r < n; r++) {
                for (int c = 0; c < n; c++) cout << board[r][c] << ' ';
                cout << '\n';
            }
        }
        return 1;
    }
    int total = 0;
    for (int col = 0; col < n; col++)
        if (safe(queens, row, col)) {
            queens[row] = col;
            total += solve(queens, row + 1, n, shown);
        }
    return total;
}

void hanoi(int n, char from, char to, char via, int& moves) {
    if (n == 0) return;
    hanoi(n - 1, from, via, to, moves);
    if (n == 3) cout << "disk " << n << ": " << from << "->" << to << endl;
    moves++;
    hanoi(n - 1, via, to, from, moves);
}

unsigned long long fact(int n) { return n <= 1 ? 1ULL : n * fact(n - 1); }

void permute(string s, int l, int r, int& count) {
    if (l == r) { if (count++ < 4) cout << s << (count < 4 ? "," : "\n"); return; }
    for (int i = l; i <= r; i++) {
        swap(s[l], s[i]);
        permute(s, l + 1, r, count);
        swap(s[l], s[i]);
    }
}

int main() {
    int queens[SIZE], shown = 0;
    int n = solve(queens, 0, 6, shown);
    cout << n << " solutions" << endl;
    int moves = 0;
    hanoi(4, 'A', 'C', 'B', moves);
    cout << moves << " moves" << endl;
    cout << fact(20) << endl;
    int count = 0;
    permute("ABC", 0, 2, count);
    cout << count << endl;
    int a = 48, b = 36;
    while (b) { int t = a % b; a = b; b = t; }
    cout << "gcd " << a << endl;
}
