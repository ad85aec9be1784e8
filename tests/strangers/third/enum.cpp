#include <iostream>
#include <string>
using namespace std;
enum Color { RED, GREEN = 5, BLUE };
enum class Level { Low, High };
string label(Level l) {
    switch (l) {
        case Level::Low: return "low";
        case Level::High: return "high";
    }
    return "?";
}
namespace garden { int beds = 4; int twice() { return beds * 2; } }
#define SIZE 3
typedef unsigned int uint;
int main() {
    Color c = BLUE;
    cout << c << " " << label(Level::High) << " " << garden::twice() << " " << SIZE * 2 << endl;
    uint n = 3;
    long long big = 1LL << 40;
    cout << n << " " << big << " " << (7 & 3) << " " << (6 ^ 3) << " " << sizeof(int) << endl;
    auto f = [&](int a) { return a + (int)n; };
    cout << f(4) << endl;
    goto_label:
    int i = 0;
    while (true) { if (++i > 3) break; cout << i; }
    cout << endl;
}
