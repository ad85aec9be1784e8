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
class Shed {
public:
    set<int> f(int k) { return {k, 1, k}; }
};
int main() {
    Shed s;
    for (int i = 1; i < 5; i += 3) {
        auto r = s.f(i);
        cout << r.size() << endl;
    }
}
