#include <iostream>
using namespace std;

char board[3][3] = {{'1', '2', '3'}, {'4', '5', '6'}, {'7', '8', '9'}};
char current = 'X';

void draw() {
    for (int r = 0; r < 3; r++) {
        cout << " " << board[r][0] << " | " << board[r][1] << " | " << board[r][2] << endl;
        if (r < 2) cout << "---+---+---" << endl;
    }
    cout << endl;
}

bool place(int slot) {
    if (slot < 1 || slot > 9) return false;
    int r = (slot - 1) / 3, c = (slot - 1) % 3;
    if (board[r][c] == 'X' || board[r][c] == 'O') return false;
    board[r][c] = current;
    return true;
}

bool won() {
    for (int i = 0; i < 3; i++) {
        if (board[i][0] == board[i][1] && board[i][1] == board[i][2]) return true;
        if (board[0][i] == board[1][i] && board[1][i] == board[2][i]) return true;
    }
    return (board[0][0] == board[1][1] && board[1][1] == board[2][2]) ||
           (board[0][2] == board[1][1] && board[1][1] == board[2][0]);
}

void swapPlayer() { current = (current == 'X') ? 'O' : 'X'; }

int main() {
    draw();
    int turns = 0;
    while (turns < 9) {
        int slot;
        cout << "Player " << current << ": ";
        if (!(cin >> slot)) {
            if (cin.eof()) break;
            cin.clear();
            cin.ignore(100, '\n');
            cout << "a number!" << endl;
            continue;
        }
        if (!place(slot)) {
            cout << "not there" << endl;
            continue;
        }
        turns++;
        draw();
        if (won()) {
            cout << "Player " << current << " wins after " << turns << " turns!" << endl;
            return 0;
        }
        swapPlayer();
    }
    cout << "A draw." << endl;
    return 1;
}
