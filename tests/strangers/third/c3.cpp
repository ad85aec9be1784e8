#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
#define MAXN 100
template <typename T>
T biggest(const vector<T>& v) {
    T best = v[0];
    for (auto x : v) if (x > best) best = x;
    return best;
}
int main() {
    set<int> s = {5, 1, 3, 1};
    s.insert(2);
    for (int x : s) cout << x << ' ';
    cout << endl << s.count(3) << s.size() << endl;
    map<string, int> m;
    m["pea"]++; m["bean"] += 3;
    for (auto& [k, v] : m) cout << k << "=" << v << "\n";
    for (auto it = m.begin(); it != m.end(); ++it) cout << it->first << it->second << "\n";
    if (m.find("leek") == m.end()) cout << "no leek\n";
    stack<int> st; st.push(1); st.push(2); cout << st.top(); st.pop(); cout << st.top() << st.empty() << endl;
    queue<string> q; q.push("a"); q.push("b"); cout << q.front(); q.pop(); cout << q.size() << endl;
    pair<int, string> p = {1, "x"}; cout << p.first << p.second << endl;
    vector<pair<int,int>> ps = {{2, 1}, {1, 5}}; sort(ps.begin(), ps.end()); cout << ps[0].second << endl;
    cout << biggest<int>({3, 9, 2}) << biggest(vector<double>{1.5, 2.5}) << endl;
    ll big = 1LL << 40; cout << big << endl;
    int arr[MAXN]; memset(arr, 0, sizeof arr); arr[3] = 7; cout << accumulate(arr, arr + 10, 0) << endl;
    priority_queue<int> pq; pq.push(3); pq.push(8); cout << pq.top() << endl;
    auto f = [](int a, int b) { return a > b; };
    vector<int> v = {1, 4, 2}; sort(v.begin(), v.end(), f); for (int i : v) cout << i; cout << endl;
    cout << *max_element(v.begin(), v.end()) << count_if(v.begin(), v.end(), [](int x) { return x % 2 == 0; }) << endl;
    tuple<int, double> t = make_tuple(1, 2.5); cout << get<1>(t) << endl;
}
