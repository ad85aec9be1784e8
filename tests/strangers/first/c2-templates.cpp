#include <iostream>
#include <string>
#include <vector>
#include <utility>
using namespace std;

template <typename T>
T largest(const vector<T>& items) {
    T best = items[0];
    for (const T& item : items) if (item > best) best = item;
    return best;
}

template <typename T>
void show(const vector<T>& items) {
    cout << "[";
    for (size_t i = 0; i < items.size(); i++) {
        if (i) cout << ", ";
        cout << items[i];
    }
    cout << "]" << endl;
}

int area(int side) { return side * side; }
int area(int a, int b) { return a * b; }
double area(double radius) { return 3.0 * radius * radius; }

pair<int, int> minmaxOf(const vector<int>& v) {
    int lo = v[0], hi = v[0];
    for (int x : v) { lo = min(lo, x); hi = max(hi, x); }
    return {lo, hi};
}

void swapThem(int& a, int& b) { int t = a; a = b; b = t; }

int main() {
    vector<int> v{3, 9, 2};
    vector<string> w{"bean", "pea", "kale"};
    cout << largest(v) << " " << largest(w) << endl;
    show(v);
    show(w);
    cout << area(3) << " " << area(2, 5) << " " << area(1.5) << endl;
    auto [lo, hi] = minmaxOf(v);
    cout << lo << ".." << hi << endl;
    int a = 1, b = 2;
    swapThem(a, b);
    swap(v[0], v[2]);
    cout << a << b << v[0] << endl;
}
