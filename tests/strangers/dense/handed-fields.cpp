#include <iostream>
using namespace std;
struct P { int x = 1; int a[2] = {3, 4}; };
void twice(int &n) { n *= 2; }
void fill(string &s) { s = "full"; }
struct Q { P p; string s; };
int main() {
    P p; Q q;
    twice(p.x); cout << p.x << endl;
    twice(q.p.x); fill(q.s); cout << q.p.x << q.s << endl;
    twice(p.a[1]); cout << p.a[1] << endl;
}
