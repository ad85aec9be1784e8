#include <iostream>
#include <map>
#include <string>
#include <vector>
using namespace std;
struct P { int x; };
int main() {
    vector<vector<int>> g = {{1, 2}, {3}};
    vector<int>& row = g[0];
    row.push_back(9);
    cout << g[0].size() << endl;
    auto& last = g[1];
    last[0] = 7;
    cout << g[1][0] << endl;
    const vector<int>& seen = g[0];
    cout << seen.size() << endl;
    P p{1};
    P& q = p;
    q.x = 5;
    cout << p.x << endl;
    vector<P> ps = {{1}, {2}};
    P& first = ps[0];
    first.x = 8;
    P other = ps[1];
    other.x = 9;
    cout << ps[0].x << ps[1].x << endl;
    map<string, vector<int>> beds;
    vector<int>& north = beds["north"];
    north.push_back(4);
    cout << beds["north"].size() << endl;
    const int& n = g[0][0];
    const string& word = "pea";
    cout << n << word << endl;
}
