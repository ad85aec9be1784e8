#include <iostream>
#include <vector>
using namespace std;

struct Point { int x, y; };

void moveByValue(Point p) { p.x += 10; }
void moveByRef(Point& p) { p.x += 10; }
void moveByPtr(Point* p) { p->x += 10; }
void fill(int a[], int n, int v) { for (int i = 0; i < n; i++) a[i] = v + i; }
int sum(const int* a, int n) { int s = 0; for (int i = 0; i < n; i++) s += a[i]; return s; }
void addOne(vector<int> v) { v.push_back(1); }
void addRef(vector<int>& v) { v.push_back(2); }
void swapInts(int* a, int* b) { int t = *a; *a = *b; *b = t; }
int& biggest(vector<int>& v) { int k = 0; for (int i = 1; i < (int)v.size(); i++) if (v[i] > v[k]) k = i; return v[k]; }

int main() {
    Point p{1, 2};
    moveByValue(p); cout << p.x << " ";
    moveByRef(p); cout << p.x << " ";
    moveByPtr(&p); cout << p.x << endl;
    Point q = p;
    q.y = 99;
    cout << p.y << " " << q.y << endl;
    int a[5];
    fill(a, 5, 3);
    cout << sum(a, 5) << " " << sum(a, 2) << endl;
    vector<int> v{5};
    addOne(v); addRef(v);
    cout << v.size() << endl;
    int x = 1, y = 2;
    swapInts(&x, &y);
    cout << x << y << endl;
    biggest(v) = 0;
    for (int n : v) cout << n << ",";
    cout << endl;
    vector<Point> ps = {{1, 1}, {2, 2}};
    for (Point each : ps) each.x = 100;
    cout << ps[0].x;
    for (Point& each : ps) each.x = 100;
    cout << ps[0].x;
    for (auto& [px, py] : ps) { px += py; }
    cout << ps[1].x << endl;
    vector<vector<int>> grid(2, vector<int>(2));
    vector<int> row = grid[0];
    row[0] = 7;
    cout << grid[0][0];
    auto& rowRef = grid[1];
    rowRef[1] = 8;
    cout << grid[1][1] << endl;
    int* ptr = a;
    cout << *ptr << " " << *(ptr + 2) << " " << ptr[1] << endl;
    ptr++;
    cout << *ptr << endl;
    const int* end = a + 5;
    for (const int* it = a; it != end; ++it) cout << *it << ' ';
    cout << endl;
    Point arr[2] = {{3, 4}};
    cout << arr[1].x << arr[0].y << endl;
    int m[2][2] = {{1, 2}, {3, 4}};
    for (auto& r : m) for (int& c : r) c *= 2;
    cout << m[1][1] << endl;
    string s = "abc", t = s;
    t[0] = 'X';
    cout << s << t << (s < t) << endl;
    char c = s[1];
    c += 1;
    cout << c << int(c) << endl;
    bool b = 5;
    cout << b + b << " " << (b == true) << " " << !b << endl;
}
