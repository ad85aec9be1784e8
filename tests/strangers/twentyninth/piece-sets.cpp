#include <bits/stdc++.h>
using namespace std;
int main() {
    set<int> a = {1, 2, 3, 5}, b = {2, 3, 4};
    vector<int> both;
    set_intersection(a.begin(), a.end(), b.begin(), b.end(), back_inserter(both));
    for (int x : both) cout << x << ' ';
    set<int> all;
    set_union(a.begin(), a.end(), b.begin(), b.end(), inserter(all, all.begin()));
    for (int x : all) cout << x << ' ';
    vector<int> only;
    set_difference(a.begin(), a.end(), b.begin(), b.end(), back_inserter(only));
    cout << only.size() << endl;
    vector<int> v1 = {1, 4, 6}, v2 = {2, 4}, m;
    merge(v1.begin(), v1.end(), v2.begin(), v2.end(), back_inserter(m));
    for (int x : m) cout << x << ' ';
    cout << includes(a.begin(), a.end(), both.begin(), both.end()) << endl;
}
