#include <iostream>
#include <iterator>
#include <algorithm>
#include <vector>
#include <string>
#include <array>
#include <numeric>
using namespace std;
int main() {
    int a[] = {3, 1, 2};
    sort(begin(a), end(a));
    for (int x : a) cout << x;
    cout << size(a) << endl;
    vector<int> v(begin(a), end(a));
    sort(v.rbegin(), v.rend());
    for (auto it = v.begin(); it != v.end(); ++it) cout << *it << " ";
    for (auto it = v.rbegin(); it != v.rend(); ++it) cout << *it << " ";
    for (vector<int>::iterator it = v.begin(); it != v.end(); it++) *it *= 2;
    cout << v.front() << v.back() << endl;
    array<int, 3> arr = {1, 2, 3}; cout << arr.size() << arr[1] << endl;
    vector<string> w = {"pear", "fig"}; sort(w.begin(), w.end()); for (const string& s : w) cout << s << endl;
    auto pos = find(v.begin(), v.end(), 4); if (pos != v.end()) cout << "at " << pos - v.begin() << endl; cout << distance(v.begin(), pos) << endl;
    vector<int> copy_(v); copy_.resize(5, 7); copy_.assign(2, 9); cout << copy_.size() << copy_[1] << (copy_ == vector<int>{9, 9}) << endl;
    int total = 0; for_each(v.begin(), v.end(), [&total](int x) { total += x; }); cout << total << endl;
    v.push_back(4); v.erase(unique(v.begin(), v.end()), v.end()); reverse(v.begin(), v.end()); cout << v.size() << *max_element(v.begin(), v.end()) << *min_element(v.begin(), v.end()) << endl;
    string s = "abc"; s.insert(1, "X"); s.erase(0, 1); s.append("!"); s += 'z'; s.push_back('y'); s.pop_back(); cout << s << s.back() << s.front() << endl;
    cout << s.substr(1) << s.find('!') << (s.find("q") == string::npos) << s.at(0) << s.size() << s.empty() << stoi("12") + stod("1.5") << endl;
    for (char c = 'a'; c <= 'e'; c++) cout << c << (char)(c - 32) << int(c) << " "; cout << endl;
    fill(v.begin(), v.end(), 0); iota(v.begin(), v.end(), 5); cout << v[0] << v[1] << endl;
}
