#include <cmath>
#include <functional>
#include <iostream>
#include <string>
#include <vector>
using namespace std;

// Each of these gives something else for whole numbers than for litres.
template <typename T> T average(T a, T b) { return (a + b) / 2.0; }
template <typename T> T grown(T x) { return x * 1.5; }
template <typename T> T kept(T x) { T y = x * 0.5; return y; }
template <typename T> T summed(T x) { T s = 0; s += 0.7; s += x; return s; }
template <typename T> T litres(T x) { return x * 0.5; }
template <typename T> T middle(T a, T b) { return (a + b) / 2; }
template <typename T> T total(const vector<T>& v) { T s = 0; for (auto x : v) s += x; return s; }
template <typename T> void show(T x, int n) { cout << x / 2 << " " << n << endl; }
template <typename T> string said(T x) { return to_string(x); }
template <typename T> string told(const T& x) { return "<" + to_string(x) + ">"; }

int main() {
    int a = 3;
    int b = 4;
    int n = 5;
    double d = 7.5;
    cout << average(3, 4) << " " << average(a, b) << " " << grown(n) / 2 << " " << kept(3) << " " << summed(3) << endl;
    cout << litres(3.0) << " " << litres(d) << endl;
    cout << middle<double>(a, b) << " " << middle<double>(a + 0, b * 1) << " " << middle<int>(d, 2.6) << endl;
    cout << total<double>({1.5, 2}) << " " << total<int>({1, 2}) << endl;
    show<double>(5, 3);
    show<int>(5.9, 3);
    show<int>(d, 3);
    cout << said<double>(3) << " " << said<int>(3) << " " << middle<float>(1, 2) << endl;
    cout << said(3.0) << " " << said(3) << " " << told(2.5) << " " << told(2) << endl;

    auto half = [](int k) { return k / 2; };
    cout << half(7.9) << " " << half(d) << " " << half(n) << " " << half(d * 2) << " " << half(sqrt(17)) << endl;
    function<int(int)> twice = [](int k) { return k * 2; };
    auto both = [&](int one, double other) { return one + other; };
    auto rows = [](int k) { k += 1; int r = k * 2; return r; };
    auto mixed = [&n](const int k, int m) { return k * n + m; };
    cout << twice(2.9) << " " << both(2.5, 2) << " " << both(n, d) << " " << rows(3.7) << " " << mixed(1.9, 2.9) << endl;
}
