#include <iostream>
#include <vector>
#include <functional>
using namespace std;

template <typename T>
class Queue {
    struct Node { T value; Node* next; };
    Node* head = nullptr;
    Node* tail = nullptr;
    int count = 0;
public:
    ~Queue() { while (!empty()) pop(); }
    void push(const T& v) {
        Node* n = new Node{v, nullptr};
        if (tail) tail->next = n; else head = n;
        tail = n;
        ++count;
    }
    T pop() {
        if (empty()) throw runtime_error("empty queue");
        Node* old = head;
        T v = old->value;
        head = head->next;
        if (!head) tail = nullptr;
        delete old;
        --count;
        return v;
    }
    bool empty() const { return head == nullptr; }
    int size() const { return count; }
};

template <typename T, typename U>
auto addUp(T a, U b) { return a + b; }

template <typename F>
void repeat(int n, F f) { for (int i = 0; i < n; i++) f(i); }

int apply(int (*f)(int, int), int a, int b) { return f(a, b); }
int add(int a, int b) { return a + b; }
int mul(int a, int b) { return a * b; }

function<int()> counter(int start) {
    return [start]() mutable { return start++; };
}

class Fraction {
    int n, d;
    static int gcd(int a, int b) { return b ? gcd(b, a % b) : a; }
public:
    Fraction(int n = 0, int d = 1) : n(n), d(d) { int g = gcd(n, d); if (g) { this->n /= g; this->d /= g; } }
    friend Fraction operator+(const Fraction& a, const Fraction& b) { return Fraction(a.n * b.d + b.n * a.d, a.d * b.d); }
    Fraction operator*(const Fraction& o) const { return Fraction(n * o.n, d * o.d); }
    bool operator==(const Fraction& o) const { return n == o.n && d == o.d; }
    bool operator<(const Fraction& o) const { return n * o.d < o.n * d; }
    Fraction& operator+=(const Fraction& o) { *this = *this + o; return *this; }
    friend ostream& operator<<(ostream& os, const Fraction& f) { os << f.n; if (f.d != 1) os << "/" << f.d; return os; }
    double value() const { return static_cast<double>(n) / d; }
};

int main() {
    Queue<string> q;
    q.push("a"); q.push("b"); q.push("c");
    cout << q.pop() << q.size() << q.pop() << q.pop() << q.empty() << endl;
    try { q.pop(); } catch (runtime_error& e) { cout << e.what() << endl; }
    Queue<int> qi;
    for (int i = 0; i < 3; i++) qi.push(i * i);
    while (!qi.empty()) cout << qi.pop() << ' ';
    cout << endl;
    cout << addUp(1, 2.5) << addUp(string("x"), "y") << endl;
    int total = 0;
    repeat(4, [&](int i) { total += i; });
    cout << total << endl;
    cout << apply(add, 3, 4) << apply(mul, 3, 4) << endl;
    int (*ops[])(int, int) = {add, mul};
    for (auto f : ops) cout << f(2, 5) << ' ';
    cout << endl;
    auto c1 = counter(5), c2 = counter(10);
    cout << c1() << c1() << c2() << c1() << endl;
    vector<function<int(int)>> fs;
    for (int k = 1; k <= 3; k++) fs.push_back([k](int x) { return x * k; });
    for (auto& f : fs) cout << f(10) << ' ';
    cout << endl;
    Fraction a(1, 2), b(3, 4), c;
    c = a + b;
    cout << c << " " << a * b << " " << (a < b) << (a == Fraction(2, 4)) << " " << c.value() << endl;
    c += 1;
    cout << c << " " << a + 1 << endl;
    vector<Fraction> v = {b, a, c};
    Fraction sum;
    for (const auto& f : v) sum += f;
    cout << sum << endl;
    int n = 3;
    auto byVal = [n] { return n; };
    auto byRef = [&n] { return n; };
    n = 8;
    cout << byVal() << byRef() << endl;
    function<int(int)> fact = [&fact](int k) { return k < 2 ? 1 : k * fact(k - 1); };
    cout << fact(6) << endl;
    static int hits = 0;
    for (; hits < 3; ++hits);
    cout << hits << endl;
    int i = 0;
    while (i < 10) { if (i == 3) { i += 2; continue; } if (i > 6) break; cout << i++; }
    cout << endl;
    int k = 5;
    int r = k++ + ++k;
    cout << k << (r > 10) << (k > 5 && k < 10 ? "in" : "out") << endl;
}
