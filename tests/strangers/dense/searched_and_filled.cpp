#include <iostream>
#include <cstring>
#include <array>
using namespace std;
const int N = 3;
int grid[N][4];
bool seen[5];
struct P { array<int, N> a; P() { a.fill(2); } };
int main() {
    grid[1][2] = 5; seen[1] = true;
    memset(grid, -1, sizeof(grid));
    memset(seen, false, sizeof(seen));
    memset(seen, 0, sizeof seen);
    for (auto& r : grid) { for (int x : r) cout << x << ' '; cout << '\n'; }
    for (bool b : seen) cout << b;
    P p; p.a[1] = 7;
    for (int x : p.a) cout << x;
    array<array<int, N>, 2> m;
    for (auto& r : m) r.fill(4);
    m[1].fill(9);
    for (auto& r : m) for (int x : r) cout << x;
    string s = "  hi there  ";
    cout << s.find_first_of("aeiou") << s.find_last_of("aeiou") << s.find_first_not_of(' ') << s.find_last_not_of(" ") << s.find_first_of("xyz") << s.rfind('z') << endl;
    auto q = s.find_first_of("z");
    if (q == string::npos) cout << "none" << endl;
    if (s.find_last_of("xz") == string::npos) cout << "none" << endl;
}
