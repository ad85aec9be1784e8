#include <iostream>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct Bed { vector<int> beans; string name; };
vector<int> made() { return {1, 2}; }
int main() {
    Bed bed{{1, 2}, "north"};
    for (int& n : bed.beans) n += 10;
    cout << bed.beans[0] << bed.beans[1] << endl;
    map<string, vector<int>> m;
    m["a"].push_back(3);
    for (auto& n : m["a"]) n++;
    cout << m["a"][0] << endl;
    vector<vector<int>> g(2, vector<int>(2, 1));
    for (auto& row : g) for (auto& x : row) x *= 3;
    cout << g[1][1] << endl;
    for (auto& row : g) {
        auto& first = row[0];
        cout << first << endl;
    }
    for (int first = 0; first < 3; first += 2) cout << first << endl;
    for (int k = 0; k < 1; k++) {
        int first = 4;
        first = 5;
        cout << first << endl;
    }
}
