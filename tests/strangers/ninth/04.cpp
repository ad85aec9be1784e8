#include <iostream>
using namespace std;
const int N = 3;
char board[N][N];
void init() { for (int i = 0; i < N; i++) for (int j = 0; j < N; j++) board[i][j] = '.'; }
void show() { for (int i = 0; i < N; i++) { for (int j = 0; j < N; j++) cout << board[i][j] << ' '; cout << '\n'; } }
char winner() {
    for (int i = 0; i < N; i++) if (board[i][0] != '.' && board[i][0] == board[i][1] && board[i][1] == board[i][2]) return board[i][0];
    for (int j = 0; j < N; j++) if (board[0][j] != '.' && board[0][j] == board[1][j] && board[1][j] == board[2][j]) return board[0][j];
    return '.';
}
int main() {
    init();
    int moves[][2] = {{0, 0}, {1, 1}, {0, 1}, {2, 2}, {0, 2}};
    char player = 'X';
    for (auto& m : moves) { board[m[0]][m[1]] = player; if (winner() != '.') { cout << player << " wins" << endl; break; } player = player == 'X' ? 'O' : 'X'; }
    show();
    return 0;
}
