#include <iostream>
struct M { static int dot(int a, int b) { return a * b; } int f() { return dot(2, 3) + this->dot(1, 1); } };
int main() {
    M m; std::cout << m.f() << m.dot(4, 5) << M::dot(1, 2) << std::endl; 
}
