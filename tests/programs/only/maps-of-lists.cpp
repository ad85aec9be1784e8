#include <iostream>
#include <map>
#include <vector>
#include <string>
using namespace std;
int main() {
    map<string, vector<int>> m;
    m["a"].push_back(1);
    m["a"].push_back(2);
    m["b"].push_back(3);
    cout << m["a"].size() << m.size() << m["a"][1] << m["c"].size() << m.size() << endl;
    map<string, map<string, int>> n;
    n["x"]["y"]++;
    n["x"]["y"] += 2;
    n["x"]["z"] = 5;
    cout << n["x"]["y"] << n["x"].size() << n["q"]["r"] << n.size() << endl;
    for (const auto& [key, row] : m) {
        cout << key << ":";
        for (int x : row) cout << " " << x;
        cout << endl;
    }
}
