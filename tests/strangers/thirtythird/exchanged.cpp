#include <iostream>
#include <utility>
class Row {
    int* cells;
    size_t n;
public:
    explicit Row(size_t n) : cells(new int[n]()), n(n) {}
    Row(const Row& o) : cells(new int[o.n]), n(o.n) { std::copy(o.cells, o.cells + o.n, cells); }
    Row& operator=(Row o) { std::swap(cells, o.cells); std::swap(n, o.n); return *this; }
    ~Row() { delete[] cells; }
    int& operator[](size_t i) { return cells[i]; }
    const int& operator[](size_t i) const { return cells[i]; }
    size_t size() const { return n; }
};
int total(const Row& r) { int t = 0; for (size_t i = 0; i < r.size(); ++i) t += r[i]; return t; }
int main() {
    Row a(3);
    a[0] = 4; a[2] = 7;
    Row b(1);
    b = a;
    b[1] = 100;
    std::cout << total(a) << ' ' << total(b) << '\n';
}
