#include <iostream>
#include <numeric>
#include <string>
#include <vector>
using namespace std;
const int SIZE = 3;
const double RATE = 1.5;
const string NAME = "bed";
const int NONE = 0;

struct Bed {
    string name = NAME;
    int size = SIZE * 2;
    double rate = RATE;
    vector<int> plants = vector<int>(SIZE, NONE);
};

class Shelf {
    int rows = SIZE;
public:
    int wide;
    Shelf(int w = SIZE + 1) : wide(w) {}
    int area(int by = SIZE) const { return rows * wide * by; }
};

int grown(int n, int by = SIZE) { return n + by; }

int main() {
    Bed b;
    cout << b.name << b.size << b.rate << b.plants.size() << endl;
    Shelf s, t(2);
    cout << s.area() << " " << t.area(1) << " " << grown(1) << grown(1, 1) << endl;
    vector<double> d = {0.5, 0.75, 1.5};
    cout << accumulate(d.begin(), d.end(), NONE) << " " << accumulate(d.begin(), d.end(), 0.0) << endl;
    int grid[SIZE][SIZE] = {};
    grid[1][2] = SIZE;
    for (int r = NONE; r < SIZE; r++) for (int c = NONE; c < SIZE; c++) cout << grid[r][c];
    cout << endl;
    return NONE;
}
