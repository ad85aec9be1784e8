#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <functional>
using namespace std;
struct Point { int x, y; };
int total = 4;
int f0(int* a) {
    (*a) = -(*a);
    return *a;
}
Point& f1(Point& a, pair<int, string> b) {
    cout << a.x << "/" << a.y << "\n";
    b.second += "d";
    return a;
}
double f2(char a) {
    a++;
    cout << a << "\n";
    static int calls = 0; calls++; cout << calls << "\n";
    return a - 'a';
}
int main() {
    char v0 = 'A';
    char v1 = 'q';
    int v2 = 3;
    int v3{12};
    pair<int, string> v4 = {3, "c"};
    pair<int, string> v5 = {3, "c"};
    Point v6 = {1, 2};
    Point v7 = {1, 2};
    int arr[3] = {4, 5, 6};
    map<string, vector<int>> lists; lists["k"] = {7, 8};
    { auto z = f0(&v2); cout << z << "\n"; }
    cout << v4.first << v4.second << "\n";
    { auto z = f2('A'); cout << z << "\n"; }
    cout << arr[1] << "\n";
    { auto z = f0(&arr[2]); cout << z << "\n"; }
    cout << v0 << "\n";
    cout << v1 << "\n";
    cout << v2 << "\n";
    cout << v3 << "\n";
    cout << v4.first << v4.second << "\n";
    cout << v5.first << v5.second << "\n";
    cout << v6.x << "/" << v6.y << "\n";
    cout << v7.x << "/" << v7.y << "\n";
    cout << arr[1] << "\n";
    cout << arr[2] << "\n";
    for (int i_ : lists["k"]) cout << i_ << ","; cout << "\n";
    cout << total << endl;
    return 0;
}
