#include <iostream>
#include <map>
#include <string>
#include <vector>
using namespace std;

map<string, vector<int>> group(vector<string> words);

class Grid {
    vector<vector<char>> cells;

public:
    Grid() : cells(2, vector<char>(2, '.')) {}
    vector<vector<char>> rows() const { return cells; }
    static map<int, vector<int>> all() { return {{1, {2}}}; }
};

vector<vector<int>> squares(int n) {
    vector<vector<int>> made(n, vector<int>(n));
    for (int i = 0; i < n; i++)
        for (int j = 0; j < n; j++) made[i][j] = i * j;
    return made;
}

int main() {
    cout << Grid().rows().size() << Grid::all().size() << group({"a", "bb"}).size() << endl;
    for (const auto& row : squares(3)) cout << row[2] << endl;
}

map<string, vector<int>> group(vector<string> words) {
    map<string, vector<int>> made;
    for (auto& word : words) made[word].push_back(word.size());
    return made;
}
