#include <iostream>
#include <string>
using namespace std;

enum Colour { RED, GREEN, BLUE };
enum class State { Idle, Growing = 5, Ripe };

typedef unsigned long long big;

namespace garden {
    int seeds = 3;
    int plant(int n) { return seeds * n; }
}

string nameOf(Colour c) {
    switch (c) {
        case RED: return "red";
        case GREEN: return "green";
        case BLUE: return "blue";
    }
    return "?";
}

int main() {
    Colour c = GREEN;
    State s = State::Growing;
    cout << nameOf(c) << c << " " << static_cast<int>(s) << " " << (s == State::Ripe) << endl;
    cout << garden::plant(4) << endl;
    int seed = 17, counts[7] = {0};
    for (int i = 0; i < 20; i++) {
        seed = (seed * 1103 + 12345) % 65536;
        counts[seed % 6 + 1]++;
    }
    for (int i = 1; i <= 6; i++) cout << i << ": " << string(counts[i], '*') << endl;
    big f = 1;
    for (int i = 2; i <= 20; i++) f *= i;
    cout << f << endl;
    int n = 0;
    for (;;) { if (++n > 3) break; cout << n; }
    cout << endl;
}
