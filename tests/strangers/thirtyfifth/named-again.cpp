#include <iostream>
#include <set>
#include <deque>
#include <memory>
using namespace std;
int main() {
    set<int> s{1, 2};
    for (int i = 0; i < 2; i++) { set<int> s; s.insert(i + 5); cout << s.size(); }
    cout << s.size() << endl;
    deque<int> d{1};
    { deque<int> d{4, 5, 6}; cout << d.size(); }
    cout << d.size() << endl;
    pair<int, int> p{1, 2};
    if (p.first == 1) { pair<string, int> p{"x", 3}; cout << p.first; }
    cout << p.first << endl;
    unique_ptr<int> u = make_unique<int>(3);
    for (int k = 0; k < 1; ++k) { unique_ptr<int> u = make_unique<int>(4); cout << *u; }
    cout << *u << endl;
}
