#include <bits/stdc++.h>
using namespace std;
struct Edge { int to, w; };
bool sieve[100];
int main() {
    memset(sieve, true, sizeof(sieve));
    sieve[0] = sieve[1] = false;
    cout << sieve[3] << sieve[1] << endl;
    priority_queue<pair<int, int>, vector<pair<int, int>>, greater<pair<int, int>>> pq;
    vector<vector<Edge>> g(4); g[0].push_back({1, 4}); g[0].push_back({2, 1}); g[2].push_back({1, 2}); g[1].push_back({3, 5});
    vector<int> dist(4, INT_MAX); dist[0] = 0; pq.push({0, 0});
    while (!pq.empty()) { auto [d, u] = pq.top(); pq.pop(); if (d > dist[u]) continue; for (auto [v, w] : g[u]) if (dist[u] + w < dist[v]) { dist[v] = dist[u] + w; pq.push({dist[v], v}); } }
    for (int d : dist) cout << d << ' ';
    cout << endl;
    cout << __gcd(12, 18) << endl;
    bitset<8> bits(37); cout << bits << " " << bits.count() << endl;
}
