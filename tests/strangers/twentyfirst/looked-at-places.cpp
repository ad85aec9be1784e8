#include <iostream>
#include <vector>
using namespace std;
int biggest(vector<int>& v) {
    int at = 0;
    for (int i = 1; i < (int)v.size(); i++) if (v[i] > v[at]) at = i;
    return v[at];
}
struct Grid {
    int w, h;
    vector<int> cells;
    Grid(int w, int h) : w(w), h(h), cells(w * h) {}
    int& operator()(int x, int y) { return cells[y * w + x]; }
    int& at(int x, int y) {
        if (x < 0 || x >= w) throw out_of_range("x");
        return cells[y * w + x];
    }
};
int main() {
    vector<int> v = {3, 9, 4};
    v[0] = biggest(v);
    cout << v[0] << v[1] << v[2] << endl;
    Grid g(3, 2);
    g(1, 1) = 5;
    g.at(2, 0) += 7;
    g.at(2, 0)++;
    for (int c : g.cells) cout << c << ' ';
    cout << endl;
    try { g.at(9, 9) = 1; } catch (out_of_range& e) { cout << e.what() << endl; }
}
