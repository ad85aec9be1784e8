#include <iostream>
#include <cstdlib>
#include <cmath>
#include <string>
#define MAX_TRIES 3
using namespace std;

enum class Level { Easy = 1, Hard };
typedef unsigned int uint;

template <typename T>
T clampTo(T value, T low, T high) { return value < low ? low : (value > high ? high : value); }

int factorial(int n) { return n <= 1 ? 1 : n * factorial(n - 1); }
bool isPerfect(int n) {
    int s = 0;
    for (int d = 1; d < n; d++) if (n % d == 0) s += d;
    return s == n && n > 0;
}
void swapThem(int &a, int &b) { int t = a; a = b; b = t; }
string levelName(Level l) {
    switch (l) {
        case Level::Easy: return "easy";
        case Level::Hard: return "hard";
    }
    return "?";
}

int main() {
    srand(42);
    int secret = 17, guess, tries = 0;
    do {
        cout << "Guess: ";
        cin >> guess;
        tries++;
        if (guess < secret) cout << "low\n";
        else if (guess > secret) cout << "high\n";
    } while (guess != secret && tries < MAX_TRIES);
    cout << (guess == secret ? "Right" : "Out of tries") << " after " << tries << endl;
    int x = 3, y = 8;
    swapThem(x, y);
    cout << x << y << ' ' << clampTo(15, 0, 10) << ' ' << clampTo(2.5, 3.0, 4.0) << ' ' << clampTo<int>(-1, 0, 9) << endl;
    cout << factorial(10) << ' ' << isPerfect(28) << isPerfect(12) << ' ' << levelName(Level::Hard) << ' ' << static_cast<int>(Level::Hard) << endl;
    cout << pow(2, 10) << ' ' << sqrt(2) << ' ' << abs(-7) << ' ' << round(2.5) << ' ' << ceil(1.2) << ' ' << 7 / 2 << ' ' << 7 / 2.0 << ' ' << 7 % 3 << endl;
    char c = 'a';
    c += 2;
    cout << c << ' ' << (char)(c + 1) << ' ' << int(c) << ' ' << char(toupper(c)) << ' ' << "abc"[1] << endl;
    uint bits = 0b1011;
    cout << (bits & 6) << ' ' << (bits | 4) << ' ' << (bits ^ 3) << ' ' << (bits << 2) << ' ' << (bits >> 1) << endl;
    string s = "garden";
    s.insert(0, "my ");
    s.replace(3, 3, "war");
    s[0] = 'M';
    cout << s << ' ' << s.find("d") << ' ' << (s.find("z") == string::npos) << ' ' << s.substr(3) << ' ' << s.length() << endl;
    for (int i = 1, j = 10; i < j; i += 2, j--) cout << i * j << (i + 2 < j - 1 ? "," : "\n");
    cout << to_string(3.5) + "!" << stoi("12") + 1 << endl;
}
