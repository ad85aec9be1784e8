#include <iostream>
#include <array>
#include <bitset>
#include <cstring>
#include <cstdio>
constexpr int W = 8, H = 6;
using Grid = std::array<std::array<bool, W>, H>;
enum class Edge { Wall, Wrap };
int neighbours(const Grid& g, int r, int c, Edge e) {
    int n = 0;
    for (int i = -1; i <= 1; ++i)
        for (int j = -1; j <= 1; ++j) {
            if (!i && !j) continue;
            int y = r + i, x = c + j;
            if (e == Edge::Wrap) { y = (y + H) % H; x = (x + W) % W; }
            else if (y < 0 || y >= H || x < 0 || x >= W) continue;
            n += g[y][x];
        }
    return n;
}
Grid step(const Grid& g, Edge e) {
    Grid next{};
    for (int r = 0; r < H; ++r)
        for (int c = 0; c < W; ++c) {
            int n = neighbours(g, r, c, e);
            next[r][c] = n == 3 || (n == 2 && g[r][c]);
        }
    return next;
}
void print(const Grid& g) {
    for (auto& row : g) { for (bool b : row) putchar(b ? '#' : '.'); putchar('\n'); }
    puts("");
}
int main() {
    const char* start[H] = {"........", "..#.....", "...#....", ".###....", "........", "........"};
    Grid g{};
    for (int r = 0; r < H; r++) for (int c = 0; c < (int)strlen(start[r]); c++) g[r][c] = start[r][c] == '#';
    print(g);
    Grid w = g;
    for (int i = 0; i < 10; i++) { g = step(g, Edge::Wall); w = step(w, Edge::Wrap); }
    print(g); print(w);
    printf("%d %s\n", g == w, g == w ? "same" : "different");
    std::bitset<8> bits(0b10110);
    std::cout << bits << ' ' << bits.count() << ' ' << bits.test(2) << ' ' << bits.to_ulong() << '\n';
    bits.flip(0); bits.set(7); std::cout << bits << '\n';
    char word[20] = "moss"; strcat(word, "-bed");
    printf("%s %zu %d %d\n", word, strlen(word), strcmp(word, "moss") > 0, strcmp("a", "a"));
    unsigned char u = 250; u += 10; printf("%d\n", u);
    int x = 5; int y = x++ + ++x; printf("%d %d\n", x, y);
    printf("%5.2f|%-6d|%06d|%+d|%c|%%\n", 3.14159, 42, 42, 7, 'z');
}
