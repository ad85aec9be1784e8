#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
bool f0(const int& a, unsigned& b) {
    static int calls = 0; calls++; cout << calls << "\n";
    return a > 3;
}
double f1(vector<int>& a, int b = 3) {
    sort(a.rbegin(), a.rend());
    for (int i_ : a) cout << i_ << ","; cout << "\n";
    b = -b;
    return a[0] + b;
}
int main() {
    vector<int> v0 = {4, 5, 6};
    vector<int> v1{1};
    int v2 = 3;
    int v3 = 3;
    unsigned v4 = 4u;
    unsigned v5 = 4u;
    int arr[3] = {4, 5, 6};
    map<string, vector<int>> lists; lists["k"] = {7, 8};
    if (f1(v0, v2)) cout << "yes\n"; else cout << "no\n";
    { auto z = f0(v2, v4); cout << z << "\n"; }
    cout << f1(v0, v2) << "\n";
    for (int i_ : v1) cout << i_ << ","; cout << "\n";
    for (int i_ : v0) cout << i_ << ","; cout << "\n";
    for (int i_ : v1) cout << i_ << ","; cout << "\n";
    cout << v2 << "\n";
    cout << v3 << "\n";
    cout << v4 << "\n";
    cout << v5 << "\n";
    cout << arr[1] << "\n";
    cout << arr[2] << "\n";
    cout << v0[0] << "\n";
    for (int i_ : lists["k"]) cout << i_ << ","; cout << "\n";
    return 0;
}
