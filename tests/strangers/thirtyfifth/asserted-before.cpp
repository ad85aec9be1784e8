#include <iostream>
int main() {
    constexpr int squares = 4 * 4;
    static_assert(squares == 16, "wrong");
    static_assert(sizeof(int) == 4);
    std::cout << squares << '\n';
}
