#include <iostream>
#include <string>
using namespace std;
template <typename T>
class Box { T value; public: Box(T v) : value(v) {} T get() const { return value; } void set(const T& v) { value = v; } T twice() const { return value + value; } };
template <typename A, typename B> struct Pair { A first; B second; Pair(A a, B b) : first(a), second(b) {} void print() const { cout << first << ":" << second << endl; } };
template <typename T> class Stats { T data[10]; int n = 0; public: void add(T x) { data[n++] = x; } T sum() const { T s = 0; for (int i = 0; i < n; i++) s += data[i]; return s; } double mean() const { return n ? static_cast<double>(sum()) / n : 0; } T biggest() const { T m = data[0]; for (int i = 1; i < n; i++) if (data[i] > m) m = data[i]; return m; } };
int main() { Box<int> a(3); Box<double> b(2); Box<string> c("x"); Box<char> d('q'); b.set(7); cout << a.get() / 2 << ' ' << b.get() / 2 << ' ' << c.twice() << ' ' << d.get() << ' ' << b.twice() / 4 << endl;
 Pair<string, int> p("pea", 3); p.print(); Pair<int, double> q(1, 2); q.print(); cout << q.second / 4 << endl; a.set(5.7); cout << a.get() << endl;
 Stats<int> s; s.add(1); s.add(2); Stats<double> t; t.add(1); t.add(2); t.add(2); cout << s.sum() / 2 << ' ' << t.sum() / 2 << ' ' << s.mean() << ' ' << t.mean() << ' ' << t.biggest() / 4 << endl; int k = 3; t.add(k); cout << t.sum() / 3 << endl; }
