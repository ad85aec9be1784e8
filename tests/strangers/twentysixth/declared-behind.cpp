#include <iostream>
#include <string>
#include <vector>
using namespace std;
struct Bed { int x, y; };
int area(int w, int h = 2) { int w2 = w, h2 = h; { int w2 = 7, h2 = 8; cout << w2 * h2 << "\n"; } return w2 * h2; }
int n = 1, m = 2;
void f() { int n = 5, m = 6; cout << n + m << "\n"; }
int next() { static int a = 0; static int b = 10; a++; b++; return a * b; }
int main(){
    int x = 1, y = 2;
    { int x = 5, y = 6, z = 7; cout << x << y << z << "\n"; y++; }
    cout << x << y << "\n";
    for (int i = 0, y = 9; i < 2; i++, y--) cout << i << y << "\n";
    cout << y << "\n";
    string a = "k", b;
    if (x) { vector<int> a(3), b = {1, 2}; cout << a.size() << b.size() << "\n"; }
    cout << a << b.size() << "\n";
    int *p = &x, *q = &y; *p = 3; *q = 4; cout << x << y << "\n";
    f(); cout << n << m << area(3) << "\n"; next(); cout << next() << "\n";
    Bed one{1, 2}; Bed two = {3, 4}; { Bed one{9, 9}; Bed two{8, 8}; cout << one.x << two.y << "\n"; } cout << one.x << two.y << "\n";
    while (x < 5) { int t = x, y = t * 2; x++; cout << y << " "; } cout << y << "\n";
    auto g = [](int x, int y) { int s = x, t = y; return s - t; }; cout << g(9, 4) << "\n";
}
