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
namespace a::b {
string f(int k) { return string(k, 'x'); }
}
int main() {
    for (int i = 1; i < 5; i += 3) {
        auto r = a::b::f(i);
        cout << r << endl;
    }
}
