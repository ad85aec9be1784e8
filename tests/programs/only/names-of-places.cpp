#include <iostream>
#include <vector>
#include <map>
#include <sstream>
#include <string>
using namespace std;
struct Bed { string plant; int rows = 1; };
int main() {
    vector<int> v = {3, 9, 4};
    int& mid = v[1];
    mid += 5;
    mid++;
    cout << v[1] << " " << mid << endl;
    map<string, int> count;
    for (string w : {"a", "b", "a"}) {
        int& n = count[w];
        n++;
        if (n > 1) cout << w << " again" << endl;
    }
    Bed b{"pea", 2};
    string& name = b.plant;
    name += "s";
    const int& r = b.rows;
    b.rows = 7;
    cout << b.plant << r << endl;
    int grid[2][2] = {{1, 2}, {3, 4}};
    for (int i = 0; i < 2; i++) {
        for (int j = 0; j < 2; j++) {
            auto& cell = grid[i][j];
            cell = cell * 10;
            if (cell > 25) { cell = 0; }
        }
    }
    for (auto& row : grid) for (int x : row) cout << x << ' ';
    cout << endl;
    vector<Bed> beds = {{"x", 1}, {"y", 2}};
    int& last = beds[1].rows;
    last = 5;
    istringstream in("6");
    in >> last;
    cout << beds[1].rows << last << endl;
    int i = 0;
    int& first = v[i];
    first = 8;
    cout << v[0] << endl;
}
