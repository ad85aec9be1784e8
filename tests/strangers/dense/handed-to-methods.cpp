#include <iostream>
#include <string>
#include <vector>
using namespace std;
struct P { int x = 1; };
class T {
    int n = 2;
public:
    void add(string &out, int k) const { if (k == 0) return; add(out, k - 1); out += to_string(k) + " "; }
    void twice(int &x) { x = x * n; }
    void swapThem(int &a, int &b) { int t = a; a = b; b = t; }
    bool half(int &x, int by = 2) { x /= by; return x > 1; }
    int sum(vector<int> v) { v.push_back(100); int s = 0; for (int i : v) s += i; return s; }
    int grow(vector<int> &v) { v.push_back(7); return v.size(); }
    void move(P p) { p.x = 50; }
    void moveIt(P &p) { p.x = 50; }
    virtual void set(double &d) { d = 1.5; }
    string str() const { string out; add(out, 3); return out; }
    virtual ~T() {}
};
class U : public T { public: void set(double &d) override { d = 2.5; } };
int main() {
    T t; U u;
    int a = 5;
    t.twice(a);
    cout << a << " " << t.str() << endl;
    vector<int> v{1, 2, 3};
    cout << t.sum(v) << v.size() << t.grow(v) << v.size() << endl;
    t.swapThem(v[0], v[1]);
    cout << v[0] << v[1] << endl;
    P p; t.move(p); cout << p.x; t.moveIt(p); cout << p.x << endl;
    if (t.half(a)) cout << "half " << a << endl;
    T *q = &u; double d = 0; q->set(d); cout << d << endl;
    t.set(d); cout << d << endl;
}
