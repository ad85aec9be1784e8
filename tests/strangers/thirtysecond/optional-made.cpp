#include <iostream>
#include <optional>
using namespace std;
optional<int> f(int k) { return k > 2 ? make_optional(k) : nullopt; }
optional<int> g(int k) { if (k > 2) return optional<int>(k); return optional<int>(); }
optional<int> h(int k) { if (k > 2) return make_optional(k); return nullopt; }
int main() {
    for (int i = 1; i < 5; i += 3) cout << f(i).has_value() << f(i).value_or(-1) << g(i).value_or(-2) << h(i).value_or(-3) << endl;
    auto r = f(4);
    cout << *r << r.value() << (r ? "some" : "none") << endl;
    optional<int> z{5};
    optional<int> y(6);
    cout << *z + *y << endl;
}
