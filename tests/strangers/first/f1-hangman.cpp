#include <iostream>
#include <string>
#include <set>
using namespace std;
int main() {
    string word = "marigold";
    set<char> guessed;
    int lives = 6;
    while (lives > 0) {
        string shown;
        for (char c : word) {
            if (guessed.count(c)) shown += c;
            else shown += '_';
        }
        cout << shown << " (" << lives << ")" << endl;
        if (shown == word) { cout << "You win!" << endl; break; }
        string guess;
        cin >> guess;
        if (guess.size() != 1 || !isalpha(guess[0])) { cout << "One letter please" << endl; continue; }
        char g = tolower(guess[0]);
        if (guessed.count(g) > 0) { cout << "again?" << endl; continue; }
        guessed.insert(g);
        if (word.find(g) == string::npos) lives--;
    }
    if (lives == 0) cout << "You lose, it was " << word << endl;
}
