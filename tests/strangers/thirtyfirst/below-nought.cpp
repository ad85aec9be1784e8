#include <iostream>
#include <sstream>
#include <vector>
using namespace std;
struct B { int x; void f(int k) { cout << k << " " << k / 2 << endl; } static void s(int k) { cout << k / 2 << endl; } void g(int& r) { r = -5; } };
struct P { int a; int b = 2; };
int g;
int main() {
    int x; cin >> x; cout << x / 2 << endl;
    int y; if (cin >> y) cout << y / 2 << endl;
    B b; cin >> b.x; cout << b.x / 2 << endl;
    stringstream s("-7 -9"); int z; s >> z; cout << z / 2 << " " << z % 2 << endl; s >> b.x; cout << b.x / 2 << endl;
    b.f(7.9); B::s(-3); b.g(x); cout << x / 2 << endl; b.g(b.x); cout << b.x / 2 << endl;
    vector<int> v(2); cin >> v[0]; cout << v[0] / 2 << endl; b.g(v[1]); cout << v[1] / 2 << endl;
    P p{-3}; cout << p.a / 2 << endl; P q = {-5, -7}; cout << q.a / 2 << q.b / 2 << endl;
    vector<P> ps = {{-3, -5}}; ps.push_back({-7, -9}); cout << ps[0].a / 2 << ps[1].b / 2 << endl;
    int arr[2] = {-3, 4}; cout << arr[0] / 2 << endl; int m[2][2] = {{-3, -5}, {1, 2}}; cout << m[0][1] / 2 << endl;
    cin >> g; cout << g / 2 << endl;
    pair<int, int> pr(-3, -5); cout << pr.first / 2 << endl; auto [c, d] = pr; cout << d / 2 << endl;
    for (int e : {-3, -5}) cout << e / 2 << " "; int* ptr = &x; *ptr = -9; cout << x / 2 << endl;
}
