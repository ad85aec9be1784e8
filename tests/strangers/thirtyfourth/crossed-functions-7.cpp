#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
int total = 2;
int f0(vector<int> a = {4, 5, 6}) {
    for (int i_ : a) cout << i_ << ","; cout << "\n";
    total += 3;
    return a[0] / 2;
}
bool f1(Point a) {
    a = Point{7, 8};
    f0({1});
    return a.x + a.y > 3;
}
int main() {
    vector<int> v0{1};
    Point v1 = {1, 2};
    Point v2 = {5, -3};
    { auto z = f1(v2); cout << z << "\n"; }
    cout << f1(v1) << "\n";
    if (f1(v2)) cout << "yes\n"; else cout << "no\n";
    if (f0(v0)) cout << "yes\n"; else cout << "no\n";
    cout << f1(v2) << "\n";
    cout << v2.x << "/" << v2.y << "\n";
    for (int i_ : v0) cout << i_ << ","; cout << "\n";
    cout << v1.x << "/" << v1.y << "\n";
    cout << v2.x << "/" << v2.y << "\n";
    cout << v0[0] << "\n";
    cout << total << endl;
    return 0;
}
