#include <algorithm>
#include <iostream>
#include <numeric>
#include <vector>
using namespace std;
int main() {
    vector<int> v = {5, 3, 8, 1, 9, 3};
    sort(v.begin(), v.end());
    for (auto it = v.begin(); it != v.end(); ++it) cout << *it << ' ';
    cout << endl;
    reverse(v.begin(), v.end());
    cout << v.front() << v.back() << " " << count(v.begin(), v.end(), 3) << endl;
    auto it = find(v.begin(), v.end(), 8);
    if (it != v.end()) cout << "8 at " << it - v.begin() << endl;
    v.erase(v.begin() + 1);
    v.insert(v.begin(), 42);
    v.erase(unique(v.begin(), v.end()), v.end());
    for (int x : v) cout << x << ' ';
    cout << endl;
    cout << accumulate(v.begin(), v.end(), 0) << " " << *min_element(v.begin(), v.end()) << endl;
    int evens = count_if(v.begin(), v.end(), [](int x) { return x % 2 == 0; });
    vector<int> sq(v.size());
    transform(v.begin(), v.end(), sq.begin(), [](int x) { return x * x; });
    cout << evens << " " << sq[0] << " " << sq.at(1) << endl;
    sort(v.begin(), v.end(), greater<int>());
    cout << v[0] << " " << v[1] << endl;
    vector<vector<int>> g(3, vector<int>(4, 7));
    g[1][2] = 0;
    for (auto& r : g) { for (auto c : r) cout << c; cout << "|"; }
    cout << endl;
}
