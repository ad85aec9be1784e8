#include <iostream>
#include <vector>
using namespace std;
class Box {
    vector<int> items;
public:
    template <typename T>
    void add(T x) { items.push_back(static_cast<int>(x)); }
    template <typename F>
    void each(F f) const { for (int i : items) f(i); }
};
int main() {
    Box b;
    b.add(3.7);
    b.add(65.2f);
    b.each([](int i) { cout << i << ' '; });
    cout << endl;
}
