#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;

int main() {
    struct Player {
        string name;
        int score;
        bool operator<(const Player& o) const { return score > o.score; }
    };
    enum Level { EASY, HARD };
    vector<Player> players = {{"Fay", 3}, {"Moss", 9}};
    players.push_back(Player{"Ivy", 5});
    sort(players.begin(), players.end());
    for (auto& p : players) cout << p.name << " " << p.score << endl;
    Level l = HARD;
    cout << l << endl;
}
