#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
auto f0(Point* a) {
    (*a).x += 5;
    cout << (*a).x << "/" << (*a).y << "\n";
    return (*a).x + (*a).y;
}
int f1(const string& a, vector<int>* b) {
    if ((int)a.size() > 100) cout << 1;
    cout << a << "\n";
    (*b)[0] *= 10;
    return (int)a.size() + (*b)[0] / 2;
}
void f2(const int& a) {
    
}
int main() {
    vector<int> v0 = {4, 5, 6};
    int v1{3};
    Point v2 = {1, 2};
    string v3 = string("x");
    string v4 = "bean sprout";
    int arr[3] = {4, 5, 6};
    vector<Point> many = {{1, 2}, {3, 4}};
    f2(arr[1]);
    cout << v3 << "\n";
    cout << f1(string("x"), &v0) << "\n";
    cout << v4 << "\n";
    f2(arr[1] + 1);
    cout << f1(v4, &v0) << "\n";
    for (int i_ : v0) cout << i_ << ","; cout << "\n";
    cout << v1 << "\n";
    cout << v2.x << "/" << v2.y << "\n";
    cout << v3 << "\n";
    cout << v4 << "\n";
    cout << arr[1] << "\n";
    cout << arr[2] << "\n";
    cout << v2.x << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    cout << many[0].y << "\n";
    return 0;
}
