#include <bits/stdc++.h>
using namespace std;
int main() {
    map<string, int> m = {{"pea", 3}, {"kale", 9}, {"fig", 1}};
    auto best = max_element(m.begin(), m.end(), [](const pair<string,int>& a, const pair<string,int>& b) { return a.second < b.second; });
    cout << best->first << " " << best->second << endl;
    auto least = min_element(m.begin(), m.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
    cout << least->first << endl;
    auto it = find_if(m.begin(), m.end(), [](const auto& p) { return p.second > 2; });
    if (it != m.end()) cout << it->first << (*it).second << endl;
    cout << count_if(m.begin(), m.end(), [](auto& p) { return p.second > 2; }) << any_of(m.begin(), m.end(), [](auto& p) { return p.second > 20; }) << endl;
    vector<pair<string, int>> v(m.begin(), m.end());
    sort(v.begin(), v.end(), [](auto& a, auto& b) { return a.second > b.second; });
    for (auto& [w, n] : v) cout << w << n << " ";
    auto f = find_if(v.begin(), v.end(), [](auto& p) { return p.first == "fig"; });
    f->second = 7;
    cout << v[2].second << f->second << f - v.begin() << endl;
}
