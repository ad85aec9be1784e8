#include <bits/stdc++.h>
using namespace std;
bool cmp(const pair<string,int>& a, const pair<string,int>& b) {
    if (a.second != b.second) return a.second > b.second;
    return a.first < b.first;
}
int main() {
    ios::sync_with_stdio(false);
    cin.tie(nullptr);
    map<string,int> m;
    set<int> lengths;
    string w;
    int total = 0;
    while (cin >> w) {
        transform(w.begin(), w.end(), w.begin(), ::tolower);
        while (!w.empty() && ispunct(w.back())) w.pop_back();
        m[w]++;
        lengths.insert(w.size());
        total++;
    }
    vector<pair<string,int>> v(m.begin(), m.end());
    sort(v.begin(), v.end(), cmp);
    for (int i = 0; i < 3 && i < v.size(); i++) cout << v[i].first << " " << v[i].second << "\n";
    cout << total << " " << m.size() << " " << m.count("cat") << " " << (m.find("dog") != m.end()) << "\n";
    for (auto it = lengths.begin(); it != lengths.end(); ++it) cout << *it << (next(it) == lengths.end() ? "\n" : ",");
    auto longest = max_element(v.begin(), v.end(), [](auto& a, auto& b) { return a.first.size() < b.first.size(); });
    cout << longest->first << endl;
    unordered_map<char, vector<string>> byLetter;
    for (auto& [word, n] : m) byLetter[word[0]].push_back(word);
    for (char c : {'c', 't'}) { cout << c << ":"; for (auto& x : byLetter[c]) cout << " " << x; cout << "\n"; }
    vector<int> nums(10);
    iota(nums.begin(), nums.end(), 1);
    cout << accumulate(nums.begin(), nums.end(), 0) << " " << count_if(nums.begin(), nums.end(), [](int x) { return x % 2 == 0; }) << "\n";
    nums.erase(remove_if(nums.begin(), nums.end(), [](int x) { return x > 4; }), nums.end());
    for_each(nums.begin(), nums.end(), [&](int& x) { x *= total; });
    for (int x : nums) cout << x << ' ';
    cout << endl;
    stringstream ss("10,20,30");
    string part; int sum = 0;
    while (getline(ss, part, ',')) sum += stoi(part);
    cout << sum << endl;
}
