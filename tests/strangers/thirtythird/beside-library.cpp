#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
#include <cmath>
template <class T> T max(T a, T b, T c) { return std::max(a, std::max(b, c)); }
std::string to_string(bool b) { return b ? "yes" : "no"; }
std::string to_string(const std::vector<int>& v) {
    std::string s = "[";
    for (size_t i = 0; i < v.size(); i++) s += (i ? ", " : "") + std::to_string(v[i]);
    return s + "]";
}
int count(const std::vector<int>& v, int x) { return std::count(v.begin(), v.end(), x); }
double round(double x, int places) { double f = std::pow(10, places); return std::round(x * f) / f; }
bool find(const std::vector<int>& v, int x) { return std::find(v.begin(), v.end(), x) != v.end(); }
void swap(int* a, int* b) { int t = *a; *a = *b; *b = t; }
int abs(int x, int y) { return std::abs(x - y); }
void sort(std::vector<int>& v, bool down) { if (down) std::sort(v.rbegin(), v.rend()); else std::sort(v.begin(), v.end()); }
int main() {
    std::vector<int> v{3, 1, 3};
    std::cout << max(1, 5, 2) << to_string(true) << to_string(v) << std::to_string(4) << count(v, 3) << find(v, 9) << '\n';
    std::cout << round(2.567, 1) << ' ' << std::round(2.5) << ' ' << abs(2, 7) << std::abs(-3) << '\n';
    int a = 1, b = 2;
    swap(&a, &b);
    std::swap(a, b);
    sort(v, true);
    std::cout << a << b << v[0] << v[2] << '\n';
}
