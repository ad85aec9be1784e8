#include <iostream>
#include <cmath>
#include <cstdlib>
using namespace std;

const int N = 6;
int board[N];
int solutions = 0;

bool safe(int row, int col) {
    for (int r = 0; r < row; r++) {
        if (board[r] == col) return false;
        if (abs(board[r] - col) == abs(r - row)) return false;
    }
    return true;
}

void printBoard() {
    for (int r = 0; r < N; r++) {
        for (int c = 0; c < N; c++)
            cout << (board[r] == c ? 'Q' : '.') << ' ';
        cout << '\n';
    }
    cout << endl;
}

void solve(int row) {
    if (row == N) {
        solutions++;
        printBoard();
        return;
    }
    for (int col = 0; col < N; col++) {
        if (safe(row, col)) {
            board[row] = col;
            solve(row + 1);
        }
    }
}

long long power(int b, int e) {
    if (e == 0) return 1;
    long long half = power(b, e / 2);
    return e % 2 ? half * half * b : half * half;
}

void hanoi(int n, char from, char to, char via, int &moves) {
    if (n == 0) return;
    hanoi(n - 1, from, via, to, moves);
    moves++;
    if (moves <= 5) cout << "disc " << n << ": " << from << "->" << to << endl;
    hanoi(n - 1, via, to, from, moves);
}

int main() {
    solve(0);
    cout << solutions << " solutions" << endl;
    cout << power(3, 30) << " " << pow(2, 0.5) << endl;
    int moves = 0;
    hanoi(6, 'A', 'C', 'B', moves);
    cout << moves << " moves" << endl;
    return EXIT_SUCCESS;
}
