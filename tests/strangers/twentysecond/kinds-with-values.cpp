#include <iostream>
enum Flag { A = 1 << 0, B = 1 << 1, C = A | B, D = C + 1 };
enum class Kind : char { Frog = 'F', Fly = 'y', Empty = '.' };
enum Color : int { Red, Green } paint = Green;
struct Cell { Kind kind = Kind::Empty; int e{0}; };
int main() {
    std::cout << A << B << C << D << ' ' << static_cast<char>(Kind::Frog) << char(Kind::Fly) << (int)Kind::Empty << paint << '\n';
    Cell c; c.kind = Kind::Frog; std::cout << static_cast<char>(c.kind) << (c.kind == Kind::Frog) << '\n';
    Cell d = Cell{Kind::Fly, 3}; d = {}; std::cout << static_cast<char>(d.kind) << d.e << '\n';
    enum { X = 5, Y } z = Y; std::cout << z << X << '\n';
}
