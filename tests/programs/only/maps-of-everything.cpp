#include <deque>
#include <iostream>
#include <map>
#include <queue>
#include <set>
#include <string>
#include <vector>
using namespace std;
#define pb push_back
int main() {
    map<string, set<int>> rows;
    rows["pea"].insert(5);
    rows["pea"].insert(1);
    map<char, pair<int, int>> beds;
    beds['a'].first++;
    beds['b'].second = 4;
    map<int, queue<string>> waiting;
    waiting[2].push("kale");
    waiting[2].push("fig");
    map<string, deque<int>> ends;
    ends["x"].push_front(2);
    ends["x"].push_back(3);
    vector<int> all(3);
    for (auto& one : all) one = all.size();
    all.pb(7);
    for (auto& kv : rows) for (int x : kv.second) cout << kv.first << x << " ";
    for (auto& kv : beds) cout << kv.first << kv.second.first << kv.second.second << " ";
    cout << waiting[2].front() << waiting[2].size() << ends["x"][1] << rows["none"].size() << rows.size() << all[2] << all.back() << endl;
}
