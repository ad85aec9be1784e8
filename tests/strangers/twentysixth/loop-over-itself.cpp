#include <bits/stdc++.h>
using namespace std;
int main() {
    vector<vector<int>> v{{1,2},{3}};
    for (auto v : v) { for (auto v : v) cout << v; cout << v.size(); }
    cout << v.size();
}
