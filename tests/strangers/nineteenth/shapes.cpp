#include <iostream>
#include <memory>
#include <string>
#include <vector>
#include <optional>
#include <functional>
using namespace std;

enum class Light { Red, Green, Amber };
ostream& operator<<(ostream& out, Light light) {
    switch (light) {
        case Light::Red: return out << "red";
        case Light::Green: return out << "green";
        case Light::Amber: return out << "amber";
    }
    return out;
}
Light next(Light light) {
    return static_cast<Light>((static_cast<int>(light) + 1) % 3);
}
struct Point {
    int x = 0, y = 0;
    Point operator+(const Point& o) const { return {x + o.x, y + o.y}; }
    bool operator==(const Point& o) const { return x == o.x && y == o.y; }
    Point& operator+=(const Point& o) { x += o.x; y += o.y; return *this; }
    bool operator<(const Point& o) const { return x < o.x || (x == o.x && y < o.y); }
};
ostream& operator<<(ostream& out, const Point& p) { return out << '(' << p.x << ", " << p.y << ')'; }

class Shape {
public:
    virtual double area() const = 0;
    virtual string name() const { return "shape"; }
    virtual ~Shape() {}
};
class Circle : public Shape {
    double r;
public:
    Circle(double r) : r(r) {}
    double area() const override { return 3.14159 * r * r; }
    string name() const override { return "circle"; }
};
class Square : public Shape {
    double a;
public:
    Square(double a) : a(a) {}
    double area() const override { return a * a; }
};

template <typename T>
class Stack {
    vector<T> items;
public:
    void push(const T& item) { items.push_back(item); }
    T pop() {
        if (items.empty()) throw out_of_range("empty stack");
        T top = items.back();
        items.pop_back();
        return top;
    }
    bool empty() const { return items.empty(); }
    size_t size() const { return items.size(); }
};

struct Node {
    int value;
    unique_ptr<Node> next;
    Node(int v) : value(v), next(nullptr) {}
};
class List {
    unique_ptr<Node> head;
    int length = 0;
public:
    void prepend(int v) {
        auto node = make_unique<Node>(v);
        node->next = move(head);
        head = move(node);
        length++;
    }
    void print() const {
        for (Node* n = head.get(); n != nullptr; n = n->next.get()) cout << n->value << (n->next ? " -> " : "\n");
    }
};
optional<int> findIn(const vector<int>& v, int x) {
    for (size_t i = 0; i < v.size(); ++i)
        if (v[i] == x) return i;
    return nullopt;
}
int applied(const function<int(int)>& f, int x) { return f(x); }
int twice(int x) { return 2 * x; }
int main() {
    Light light = Light::Red;
    for (int i = 0; i < 4; i++) { cout << light << ' '; light = next(light); }
    cout << endl;
    Point p{1, 2}, q{3};
    p += q;
    cout << p + q << ' ' << (p == Point{4, 2}) << ' ' << (q < p) << endl;
    vector<unique_ptr<Shape>> shapes;
    shapes.push_back(make_unique<Circle>(2));
    shapes.push_back(make_unique<Square>(3));
    double total = 0;
    for (const auto& s : shapes) { cout << s->name() << ' ' << s->area() << endl; total += s->area(); }
    cout << total << endl;
    Stack<string> words;
    words.push("a"); words.push("b");
    cout << words.pop() << words.size() << words.empty() << endl;
    try { words.pop(); words.pop(); } catch (const exception& e) { cout << e.what() << endl; }
    List list;
    for (int i = 0; i < 4; i++) list.prepend(i * i);
    list.print();
    if (auto at = findIn({4, 5, 6}, 5)) cout << "at " << *at << endl;
    cout << findIn({1}, 2).has_value() << findIn({1}, 2).value_or(-1) << endl;
    int factor = 3;
    auto times = [factor](int x) { return x * factor; };
    cout << applied(times, 5) << applied(twice, 5) << applied([&](int x) { factor = x; return -x; }, 7) << factor << endl;
    shared_ptr<Point> a = make_shared<Point>(); auto b = a; b->x = 9; cout << a->x << a.use_count() << endl;
    int x = 7; int& ref = x; ref++; const int* ptr = &x; cout << x << *ptr << endl;
    int grid[3][4] = {{1, 2}, {3}}; int sum = 0; for (auto& row : grid) for (int cell : row) sum += cell; cout << sum << endl;
    string s = "The quick brown fox"; size_t pos = s.find("quick"); if (pos != string::npos) s.replace(pos, 5, "slow"); cout << s << s.substr(4, 4) << s.length() << s.find('z') << endl;
    char word[] = "hello"; word[0] = 'J'; cout << word << endl;
    unsigned int u = 0; u--; cout << u << endl;
    cout << 7 / 2 << ' ' << 7 / 2.0 << ' ' << -7 / 2 << ' ' << -7 % 3 << ' ' << (double)7 / 2 << ' ' << 1e10 << ' ' << 1.0 / 3 << ' ' << 100000000.0 << endl;
    do { static int k = 0; if (++k > 2) break; cout << k; } while (true);
    goto end;
    cout << "skipped";
end:
    cout << (x > 5 ? "big" : "small") << '\t' << "tab\\\"" << endl;
}
