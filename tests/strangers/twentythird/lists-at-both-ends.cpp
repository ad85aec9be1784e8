#include <iostream>
#include <list>
#include <string>
#include <algorithm>
#include <iterator>
using namespace std;
int main() {
    list<string> names = {"fern", "ash", "rowan"};
    names.push_front("hazel");
    names.sort();
    names.insert(next(names.begin()), "beech");
    for (auto it = names.begin(); it != names.end();) {
        if (it->size() == 4) it = names.erase(it);
        else ++it;
    }
    for (const auto& n : names) cout << n << " ";
    names.reverse();
    cout << names.front() << " " << names.back() << " " << names.size() << endl;
    names.remove("ash");
    list<int> l(3, 7); l.push_back(1); l.sort(greater<int>()); l.remove_if([](int x) { return x == 1; }); l.unique(); cout << l.size() << l.front() << endl;
    list<int> m = {5, 1, 4}; m.sort([](int a, int b) { return a > b; }); for (list<int>::iterator it = m.begin(); it != m.end(); ++it) cout << *it << ' ';
    m.pop_front(); m.pop_back(); cout << m.front() << m.empty(); auto f = find(m.begin(), m.end(), 4); if (f != m.end()) { m.insert(f, 9); } for (int x : m) cout << x; m.clear(); cout << m.size() << endl;
}
