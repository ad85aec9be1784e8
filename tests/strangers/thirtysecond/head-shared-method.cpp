#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <set>
#include <optional>
#include <memory>
#include <tuple>
#include <array>
#include <functional>
#include <utility>
#include <deque>
#include <stack>
using namespace std;
struct Bed { int n = 1; explicit Bed(int k = 1) : n(k) {} int rows() const { return n; } };
struct Shed {
    static vector<Bed> f(int k) { return {Bed(k), Bed(2)}; }
};
int main() {
    for (int i = 1; i < 5; i += 3) {
        auto r = Shed::f(i);
        cout << r[0].n << endl;
    }
}
