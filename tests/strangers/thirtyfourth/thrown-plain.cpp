#include <iostream>
#include <string>
using namespace std;
class EmptyStack {};
class Odd { public: int n; Odd(int k) : n(k) {} string say() const { return "odd " + to_string(n); } };
void f(int k) { if (k == 0) throw EmptyStack(); if (k % 2) throw Odd(k); cout << k << endl; }
int main() {
    for (int i = 0; i < 4; i++) {
        try { f(i); }
        catch (EmptyStack&) { cout << "empty" << endl; }
        catch (const Odd& o) { cout << o.say() << o.n << endl; }
    }
}
