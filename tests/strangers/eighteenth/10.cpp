#include <iostream>
#include <vector>
#include <functional>
#include <numeric>
#include <string>
#include <algorithm>
#include <iterator>
using namespace std;

int main() {
    vector<int> v(10);
    iota(v.begin(), v.end(), 1);
    vector<int> squares;
    transform(v.begin(), v.end(), back_inserter(squares), [](int x) { return x * x; });
    copy_if(v.begin(), v.end(), ostream_iterator<int>(cout, " "), [](int x) { return x % 2; });
    cout << endl;
    cout << accumulate(squares.begin(), squares.end(), 0) << " " << accumulate(v.begin(), v.end(), 1, multiplies<int>()) << endl;
    auto it = find(v.begin(), v.end(), 7);
    cout << (it != v.end() ? distance(v.begin(), it) : -1) << endl;
    v.erase(remove_if(v.begin(), v.end(), [](int x) { return x % 3 == 0; }), v.end());
    for_each(v.begin(), v.end(), [](int x) { cout << x << ","; });
    cout << endl;
    cout << all_of(v.begin(), v.end(), [](int x) { return x > 0; }) << any_of(v.begin(), v.end(), [](int x) { return x > 9; }) << none_of(v.begin(), v.end(), [](int x) { return x > 10; }) << endl;
    function<int(int)> twice = [](int x) { return 2 * x; };
    auto compose = [](function<int(int)> f, function<int(int)> g) { return [=](int x) { return f(g(x)); }; };
    cout << compose(twice, twice)(5) << endl;
    vector<string> words = {"pear", "fig", "apple", "kiwi"};
    sort(words.begin(), words.end(), [](const string& a, const string& b) { return a.size() != b.size() ? a.size() < b.size() : a < b; });
    for (auto& w : words) cout << w << " ";
    cout << endl;
    auto [lo, hi] = minmax_element(words.begin(), words.end());
    cout << *lo << " " << *hi << endl;
    rotate(words.begin(), words.begin() + 1, words.end());
    cout << words.front() << " " << words.back() << endl;
    vector<int> a = {1, 3, 5}, b = {2, 3, 6}, c;
    merge(a.begin(), a.end(), b.begin(), b.end(), back_inserter(c));
    set_intersection(a.begin(), a.end(), b.begin(), b.end(), back_inserter(c));
    for (int x : c) cout << x;
    cout << " " << binary_search(a.begin(), a.end(), 3) << " " << count(c.begin(), c.end(), 3) << endl;
    int total = 0;
    auto add = [&total](int x) mutable { total += x; return total; };
    add(3); add(4);
    cout << total << " " << inner_product(a.begin(), a.end(), b.begin(), 0) << endl;
}
