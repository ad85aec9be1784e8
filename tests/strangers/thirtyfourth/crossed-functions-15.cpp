#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
int total = 0;
string f0(char& a) {
    a++;
    return to_string(a - 'a') + "s";
}
Point f1(Point& a) {
    a.y = a.x;
    cout << a.x << "/" << a.y << "\n";
    return a;
}
vector<int>& f2(vector<int>& a) {
    for (int i_ : a) cout << i_ << ","; cout << "\n";
    return a;
}
int main() {
    vector<int> v0 = {4, 5, 6};
    vector<int> v1 = {1};
    Point v2 = {1, 2};
    Point v3 = {5, -3};
    char v4 = 'A';
    char v5 = 'q';
    vector<Point> many = {{1, 2}, {3, 4}};
    if (f0(v5) != "") cout << "yes\n"; else cout << "no\n";
    f2(v0)[0] *= 10;
    cout << v3.x << "/" << v3.y << "\n";
    { vector<int> z = f2(v1); for (int i_ : z) cout << i_ << ","; cout << "\n"; }
    { Point z = f1(v2); cout << z.x << "/" << z.y << "\n"; }
    f0(v5);
    cout << v4 << "\n";
    for (int i_ : v0) cout << i_ << ","; cout << "\n";
    for (int i_ : v1) cout << i_ << ","; cout << "\n";
    cout << v2.x << "/" << v2.y << "\n";
    cout << v3.x << "/" << v3.y << "\n";
    cout << v4 << "\n";
    cout << v5 << "\n";
    cout << v2.x << "\n";
    cout << many[1].x << "/" << many[1].y << "\n";
    cout << many[0].y << "\n";
    cout << total << endl;
    return 0;
}
