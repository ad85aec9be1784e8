#include <bits/stdc++.h>
using namespace std;
int main() {
    vector<int> v = {1, 3, 3, 5, 9};
    cout << lower_bound(v.begin(), v.end(), 3) - v.begin() << upper_bound(v.begin(), v.end(), 3) - v.begin() << endl;
    cout << upper_bound(v.begin(), v.end(), 3) - lower_bound(v.begin(), v.end(), 3) << endl;
    auto it = lower_bound(v.begin(), v.end(), 4);
    if (it != v.end()) cout << *it << " at " << it - v.begin() << endl;
    auto jt = lower_bound(v.begin(), v.end(), 10);
    cout << (jt == v.end()) << (it == v.begin()) << endl;
    *it = 6;
    v.insert(lower_bound(v.begin(), v.end(), 4), 4);
    int pos = upper_bound(v.begin(), v.end(), 6) - v.begin();
    cout << pos << " " << *lower_bound(v.begin(), v.end(), 2) << endl;
    auto k = lower_bound(v.begin(), v.end(), 6);
    v.erase(k);
    for (int x : v) cout << x << ' ';
    cout << endl;
    int a[] = {1, 2, 3};
    vector<int> p = {3, 1, 2};
    sort(p.begin(), p.end());
    int n = 0;
    do { n++; for (int x : p) cout << x; cout << ' '; } while (next_permutation(p.begin(), p.end()));
    cout << n << p[0] << endl;
    cout << binary_search(v.begin(), v.end(), 9) << endl;
}
