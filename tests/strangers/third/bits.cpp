#include <bits/stdc++.h>
using namespace std;
int main() {
    vector<int> v = {3, 1};
    sort(v.begin(), v.end());
    cout << v[0] << sqrt(16.0) << endl;
}
