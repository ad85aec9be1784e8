#include <iostream>
#include <stdexcept>
#include <string>
using namespace std;
class Base { public: virtual string why() const { return "base"; } };
class Deep : public Base { int n; public: Deep(int k) : n(k) {} string why() const override { return "deep " + to_string(n); } int get() const { return n; } };
struct P { int n; string s; };
void f(int k) {
    if (k == 0) throw Base();
    if (k == 1) throw Deep(4);
    if (k == 2) throw P{3, "x"};
    if (k == 3) throw runtime_error("run");
    if (k == 4) { Deep d(9); throw d; }
    if (k == 5) { P p; p.n = 8; p.s = "own"; throw p; }
    cout << "none" << endl;
}
int main() {
    for (int i = 0; i < 7; i++) {
        try { f(i); }
        catch (const P& p) { cout << p.n << p.s << endl; }
        catch (Base& b) { cout << b.why() << endl; }
        catch (exception& e) { cout << e.what() << endl; }
    }
    try { f(1); } catch (Deep& d) { cout << d.get() << endl; }
    try { f(2); } catch (exception& e) { cout << "no" << endl; } catch (...) { cout << "all" << endl; }
    try { try { f(4); } catch (Base& b) { cout << "inner " << b.why() << endl; throw; } } catch (Deep& d) { cout << "outer " << d.get() << endl; }
    try { f(0); } catch (Deep&) { cout << "deep" << endl; } catch (Base) { cout << "base" << endl; }
}
