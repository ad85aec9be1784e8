#include <iostream>
#include <string>
using namespace std;
enum Choice { ROCK, PAPER, SCISSORS };
const char* NAMES[] = {"rock", "paper", "scissors"};
enum class Level { Easy = 1, Hard = 5 };
Choice parse(const string& s) {
    if (s == "rock" || s == "r") return ROCK;
    if (s == "paper" || s == "p") return PAPER;
    return SCISSORS;
}
int compare(Choice a, Choice b) { return (a - b + 3) % 3; }
int main() {
    int wins = 0, losses = 0, draws = 0, round = 0;
    Choice computer = ROCK;
    string in;
    cout << "rock, paper or scissors? ";
    while (cin >> in && in != "quit") {
        Choice you = parse(in);
        round++;
        switch (compare(you, computer)) {
            case 0: draws++; cout << "draw"; break;
            case 1: wins++; cout << "you win"; break;
            case 2: { losses++; cout << "you lose"; break; }
        }
        cout << " (" << NAMES[you] << " against " << NAMES[computer] << ")\n";
        computer = static_cast<Choice>((computer + round) % 3);
        cout << "rock, paper or scissors? ";
    }
    cout << endl << "rounds: " << round << " w" << wins << " l" << losses << " d" << draws << endl;
    Level lv = wins > losses ? Level::Hard : Level::Easy;
    cout << static_cast<int>(lv) << endl;
    if (lv == Level::Hard) cout << "hard" << endl;
    char grade;
    int mark = wins * 30 + draws * 10;
    if (mark >= 90) grade = 'A';
    else if (mark >= 60) grade = 'B';
    else grade = 'C';
    switch (grade) {
        case 'A':
        case 'B': cout << "well done, " << grade << endl; break;
        default: cout << "try again: " << grade << endl;
    }
    printf("%d of %d = %.1f%%, %s|%5d|%-5s|%c\n", wins, round, round ? 100.0 * wins / round : 0.0, NAMES[2], 42, "ab", grade);
    return 0;
}
