#include <iostream>
#include <queue>
#include <stack>
#include <vector>
#include <set>
#include <string>
using namespace std;

class Graph {
    int V;
    vector<vector<int>> adj;
    void dfsVisit(int v, vector<bool>& visited, vector<int>& order) {
        visited[v] = true;
        order.push_back(v);
        for (int u : adj[v]) {
            if (!visited[u]) dfsVisit(u, visited, order);
        }
    }
public:
    Graph(int V) : V(V), adj(V) {}
    void addEdge(int a, int b) {
        adj[a].push_back(b);
        adj[b].push_back(a);
    }
    vector<int> bfs(int start) {
        vector<int> dist(V, -1);
        queue<int> q;
        q.push(start);
        dist[start] = 0;
        while (!q.empty()) {
            int v = q.front();
            q.pop();
            for (size_t i = 0; i < adj[v].size(); i++) {
                int u = adj[v][i];
                if (dist[u] == -1) {
                    dist[u] = dist[v] + 1;
                    q.push(u);
                }
            }
        }
        return dist;
    }
    vector<int> dfs(int start) {
        vector<bool> visited(V, false);
        vector<int> order;
        dfsVisit(start, visited, order);
        return order;
    }
    int components() {
        vector<bool> seen(V);
        int count = 0;
        for (int i = 0; i < V; i++) {
            if (seen[i]) continue;
            count++;
            stack<int> s;
            s.push(i);
            while (!s.empty()) {
                int v = s.top(); s.pop();
                if (seen[v]) continue;
                seen[v] = true;
                for (int u : adj[v]) s.push(u);
            }
        }
        return count;
    }
};

int main() {
    Graph g(8);
    int edges[][2] = {{0, 1}, {0, 2}, {1, 3}, {2, 3}, {3, 4}, {5, 6}};
    for (auto& e : edges) g.addEdge(e[0], e[1]);
    auto d = g.bfs(0);
    for (int i = 0; i < (int)d.size(); i++) cout << i << ":" << d[i] << (i + 1 < (int)d.size() ? ", " : "\n");
    for (int v : g.dfs(0)) cout << v << " ";
    cout << "\ncomponents: " << g.components() << "\n";
    priority_queue<pair<int, string>> pq;
    pq.push({2, "weed"});
    pq.push({5, "water"});
    pq.push(make_pair(3, "mow"));
    while (!pq.empty()) {
        cout << pq.top().first << " " << pq.top().second << endl;
        pq.pop();
    }
    set<char> letters;
    for (char c : string("heron pond")) if (c != ' ') letters.insert(c);
    for (char c : letters) cout << c;
    cout << endl;
}
