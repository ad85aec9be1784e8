#include <iostream>
#include <cstdlib>
#include <ctime>
#include <limits>
using namespace std;

enum Move { ROCK = 1, PAPER, SCISSORS };

const char* names[] = { "", "rock", "paper", "scissors" };

Move computerMove(int round) {
    return static_cast<Move>(round % 3 + 1);
}

int readChoice() {
    int choice;
    while (true) {
        cout << "1 rock, 2 paper, 3 scissors, 0 stop: ";
        if (cin >> choice && choice >= 0 && choice <= 3) return choice;
        if (cin.eof()) return 0;
        cout << "Wrong input!" << endl;
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
    }
}

int winner(Move a, Move b) {
    if (a == b) return 0;
    switch (a) {
        case ROCK: return b == SCISSORS ? 1 : 2;
        case PAPER: return b == ROCK ? 1 : 2;
        case SCISSORS: return b == PAPER ? 1 : 2;
    }
    return 0;
}

int main() {
    int you = 0, computer = 0, round = 0;
    int choice;
    while ((choice = readChoice()) != 0) {
        Move mine = Move(choice);
        Move its = computerMove(++round);
        cout << "You: " << names[mine] << ", computer: " << names[its] << " -> ";
        switch (winner(mine, its)) {
            case 0: cout << "draw"; break;
            case 1: cout << "you win"; ++you; break;
            case 2: cout << "computer wins"; ++computer; break;
        }
        cout << endl;
    }
    cout << endl << you << ":" << computer << endl;
    return 0;
}
