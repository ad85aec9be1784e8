#include <algorithm>
#include <iostream>
#include <iterator>
#include <list>
#include <numeric>
#include <set>
#include <string>
#include <unordered_set>
#include <utility>
#include <vector>
using namespace std;

template <typename T>
void show(const string& label, const T& items) {
    cout << label << ": ";
    for (const auto& item : items) cout << item << ' ';
    cout << endl;
}

int main() {
    vector<string> morning = {"Ivy", "Ash", "Elm", "Oak"};
    vector<string> evening = {"Oak", "Fir", "Ivy"};
    sort(morning.begin(), morning.end());
    sort(evening.begin(), evening.end());
    vector<string> both, any, only;
    set_intersection(morning.begin(), morning.end(), evening.begin(), evening.end(), back_inserter(both));
    set_union(morning.begin(), morning.end(), evening.begin(), evening.end(), back_inserter(any));
    set_difference(morning.begin(), morning.end(), evening.begin(), evening.end(), back_inserter(only));
    show("both", both);
    show("any", any);
    show("only morning", only);
    list<int> numbers{5, 1, 4};
    numbers.push_front(9);
    numbers.sort();
    numbers.remove(4);
    show("list", numbers);
    unordered_set<int> seen;
    vector<int> raw{3, 1, 3, 2, 1};
    vector<int> unique_;
    for (int n : raw) if (seen.insert(n).second) unique_.push_back(n);
    show("unique", unique_);
    partial_sum(raw.begin(), raw.end(), raw.begin());
    show("sums", raw);
    auto [lo, hi] = minmax({7, 3, 9});
    cout << lo << hi << endl;
    int grid[3][4];
    int k = 0;
    for (auto& row : grid) for (auto& cell : row) cell = k++ * k;
    int total = 0;
    for (int i = 0; i < 3; i++) total += grid[i][i];
    cout << total << ' ' << grid[2][3] << endl;
    string word = "abc";
    do cout << word << ' '; while (next_permutation(word.begin(), word.end()));
    cout << endl;
    cout << boolalpha << is_sorted(morning.begin(), morning.end()) << ' ' << any_of(raw.begin(), raw.end(), [](int n) { return n > 9; }) << endl;
    pair<string, int> best = max(make_pair(string("a"), 3), make_pair(string("b"), 1));
    cout << best.first << best.second << endl;
}
