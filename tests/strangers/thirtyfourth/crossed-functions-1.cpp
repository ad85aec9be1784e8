#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
int total = 0;
bool f0(vector<int>& a, unsigned b, const Point& c) {
    sort(a.rbegin(), a.rend());
    for (int i_ : a) cout << i_ << ","; cout << "\n";
    b += 3;
    return a[0] > 3;
}
int f1(Point a) {
    a = Point{7, 8};
    total += 3;
    return a.x + a.y;
}
long long& f2(long long& a, vector<int> b, long long& c) {
    a += 1;
    b[0] *= 10;
    return a;
}
void f3(Point* a, string b = "pea") {
    (*a).y = (*a).x;
    cout << (*a).x << "/" << (*a).y << "\n";
    total += 3;
}
int main() {
    Point v0{5, -3};
    long long v1 = -9;
    string v2 = string("x");
    string v3 = "bean sprout";
    vector<int> v4 = {1};
    unsigned v5{7u};
    vector<Point> many = {{1, 2}, {3, 4}};
    cout << f0(v4, 7u, v0) << "\n";
    cout << v0.x << "\n";
    f3(&v0);
    cout << v2 << "\n";
    cout << f0(v4, v5, {5, -3}) << "\n";
    cout << v0.x << "\n";
    cout << v0.x << "/" << v0.y << "\n";
    cout << v1 << "\n";
    cout << v2 << "\n";
    cout << v3 << "\n";
    for (int i_ : v4) cout << i_ << ","; cout << "\n";
    cout << v5 << "\n";
    cout << v0.x << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    cout << many[0].y << "\n";
    cout << total << endl;
    return 0;
}
