#include <climits>
#include <iostream>
#include <queue>
#include <string>
#include <unordered_map>
#include <vector>
using namespace std;

struct Edge { int to; int weight; };

class Graph {
    vector<vector<Edge>> adj;
    unordered_map<string, int> index;
    vector<string> names;
public:
    int id(const string& name) {
        auto found = index.find(name);
        if (found != index.end()) return found->second;
        int i = names.size();
        index[name] = i;
        names.push_back(name);
        adj.push_back({});
        return i;
    }
    void connect(const string& a, const string& b, int w) {
        int x = id(a), y = id(b);
        adj[x].push_back({y, w});
        adj[y].push_back(Edge{x, w});
    }
    vector<int> dijkstra(int from, vector<int>& prev) const {
        vector<int> dist(adj.size(), INT_MAX);
        prev.assign(adj.size(), -1);
        priority_queue<pair<int, int>, vector<pair<int, int>>, greater<pair<int, int>>> pq;
        dist[from] = 0;
        pq.push({0, from});
        while (!pq.empty()) {
            pair<int, int> top = pq.top();
            pq.pop();
            int d = top.first, u = top.second;
            if (d > dist[u]) continue;
            for (const Edge& e : adj[u]) {
                if (dist[u] + e.weight < dist[e.to]) {
                    dist[e.to] = dist[u] + e.weight;
                    prev[e.to] = u;
                    pq.push({dist[e.to], e.to});
                }
            }
        }
        return dist;
    }
    void dfs(int u, vector<bool>& seen, vector<int>& order) const {
        seen[u] = true;
        order.push_back(u);
        for (auto [to, w] : adj[u])
            if (!seen[to]) dfs(to, seen, order);
    }
    const string& name(int i) const { return names[i]; }
    size_t size() const { return names.size(); }
};

int main() {
    Graph g;
    g.connect("gate", "pond", 4);
    g.connect("gate", "shed", 1);
    g.connect("shed", "pond", 2);
    g.connect("pond", "orchard", 5);
    g.connect("shed", "compost", 9);
    g.connect("orchard", "compost", 1);
    g.id("island");
    vector<int> prev;
    auto dist = g.dijkstra(g.id("gate"), prev);
    for (size_t i = 0; i < g.size(); i++) {
        cout << g.name(i) << ": ";
        if (dist[i] == INT_MAX) { cout << "unreachable" << endl; continue; }
        cout << dist[i] << " via ";
        string path;
        for (int at = i; at != -1; at = prev[at]) path = g.name(at) + (path.empty() ? "" : ">") + path;
        cout << path << endl;
    }
    vector<bool> seen(g.size(), false);
    vector<int> order;
    g.dfs(0, seen, order);
    for (int i : order) cout << g.name(i) << ' ';
    cout << endl;
}
