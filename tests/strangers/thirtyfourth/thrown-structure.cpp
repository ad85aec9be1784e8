#include <iostream>
using namespace std;
struct P { int n; };
int main() {
    try { throw P{3}; } catch (const P& p) { cout << p.n << endl; }
}
