#include <iostream>
#include <string>
#include <cstdlib>
#include <ctime>
using namespace std;

struct Player {
    string name;
    int hp = 20;
    int attack;
    bool alive() const { return hp > 0; }
};

void fight(Player &a, Player *b) {
    int round = 1;
    while (a.alive() && b->alive()) {
        b->hp -= a.attack;
        cout << "Round " << round++ << ": " << a.name << " hits " << b->name << " (" << b->hp << ")" << endl;
        if (!b->alive()) break;
        a.hp -= b->attack;
    }
    cout << (a.alive() ? a.name : b->name) << " wins" << endl;
}

int main() {
    srand(time(0));
    Player hero{"Ivy", 25, 7}, weed{"Nettle"};
    weed.attack = 4;
    fight(hero, &weed);
    string input;
    int guess, tries = 0, secret = 42;
    do {
        cout << "Guess: ";
        cin >> guess;
        tries++;
        if (guess < secret) cout << "higher" << endl;
        else if (guess > secret) cout << "lower" << endl;
    } while (guess != secret && tries < 5);
    if (guess == secret) cout << "Got it in " << tries << endl;
    cin.ignore();
    getline(cin, input);
    cout << "[" << input << "] " << input.length() << endl;
    for (size_t i = 0; i < input.size(); i++) input[i] = toupper(input[i]);
    cout << input << endl;
    int r = rand() % 6 + 1;
    cout << (r >= 1 && r <= 6 ? "fair" : "odd") << endl;
}
