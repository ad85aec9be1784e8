#include <bits/stdc++.h>
using namespace std;
int main() {
    string s = "cab";
    sort(s.begin(), s.end());
    do { cout << s << ' '; } while (next_permutation(s.begin(), s.end()));
    cout << s << endl;
    vector<int> v = {1, 2, 3};
    do { for (int x : v) cout << x; cout << ' '; } while (next_permutation(v.begin(), v.end()));
    prev_permutation(v.begin(), v.end());
    cout << v[0] << endl;
    string d = "1432";
    if (next_permutation(d.begin(), d.end())) cout << d << endl;
}
