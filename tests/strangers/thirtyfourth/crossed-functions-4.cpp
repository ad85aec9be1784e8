#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
bool f0(const int& a, pair<int, string>& b) {
    b.second += "d";
    return a > 3;
}
int f1(string* a, bool* b, bool c) {
    c = !c;
    return (int)(*a).size() + ((*b) ? 1 : 0);
}
int main() {
    int v0{12};
    pair<int, string> v1 = {3, "c"};
    bool v2 = false;
    bool v3 = false;
    string v4{"pea"};
    int arr[3] = {4, 5, 6};
    vector<Point> many = {{1, 2}, {3, 4}};
    cout << f1(&v4, &v3, v2) << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    f0(v0 + 1, v1);
    cout << v4 << "\n";
    cout << f0(arr[1], v1) << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    { auto z = f0(-7, v1); cout << z << "\n"; }
    cout << many[1].x << "/" << many[1].y << "\n";
    cout << f0(12, v1) << "\n";
    cout << v4 << "\n";
    cout << v0 << "\n";
    cout << v1.first << v1.second << "\n";
    cout << v2 << "\n";
    cout << v3 << "\n";
    cout << v4 << "\n";
    cout << arr[1] << "\n";
    cout << arr[2] << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    cout << many[0].y << "\n";
    return 0;
}
