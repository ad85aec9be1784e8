#include <iostream>
#include <vector>
class Poly {
    std::vector<int> c;
public:
    Poly(std::initializer_list<int> l) : c(l) {}
    double& operator()(int r, int k);
    int at(int x) const { int s = 0; for (int i = c.size() - 1; i >= 0; --i) s = s * x + c[i]; return s; }
};
class Grid {
    std::vector<std::vector<int>> data;
public:
    Grid(int r, int c) : data(r, std::vector<int>(c)) {}
    int& operator()(int r, int c) { return data[r][c]; }
    int operator()(int r, int c) const { return data.at(r).at(c); }
};
int main() {
    Poly p{1, 2, 3};
    std::cout << p.at(2) << '\n';
    Grid g(2, 2);
    g(1, 1) = 4;
    g(0, 0) += g(1, 1);
    const Grid& h = g;
    std::cout << h(0, 0) << g(1, 0) << '\n';
}
