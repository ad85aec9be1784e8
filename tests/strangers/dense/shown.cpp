#include <iostream>
#include <string>
#include <vector>
using namespace std;
class Stack {
    vector<int> data;
public:
    void push(int x) { data.push_back(x); }
    friend ostream &operator<<(ostream &os, const Stack &s) {
        os << "[";
        for (size_t i = 0; i < s.data.size(); i++) {
            if (i > 0) os << ", ";
            os << s.data[i];
        }
        os << "]";
        return os;
    }
};
struct Point { int x, y; };
ostream &operator<<(ostream &out, const Point &p) { return out << "(" << p.x << ", " << p.y << ")"; }
struct Line { vector<Point> ps; string name; };
ostream& operator<<(ostream& out, const Line& l) {
    if (l.ps.empty()) return out << "nothing";
    out << l.name << ":";
    for (const auto& p : l.ps) out << " " << p;
    return out << ".";
}
int main() {
    Stack s;
    cout << s << endl;
    s.push(1);
    s.push(22);
    cout << "stack " << s << "!" << endl;
    Line l;
    cout << l << endl;
    l.name = "hedge";
    l.ps = {{1, 2}, {3, 4}};
    cout << l << " " << l.ps[0] << endl;
}
