#include <iostream>
#include <vector>
#include <queue>
#include <string>
#include <map>
#include <set>
#include <climits>
using namespace std;

class Graph {
    int V;
    vector<vector<pair<int, int>>> adj;
    vector<string> names;
    map<string, int> index;
    void dfs(int v, vector<bool>& seen, vector<int>& order) const {
        seen[v] = true;
        for (auto [w, cost] : adj[v])
            if (!seen[w]) dfs(w, seen, order);
        order.push_back(v);
    }
public:
    Graph(vector<string> n) : V(n.size()), adj(n.size()), names(n) {
        for (int i = 0; i < V; i++) index[names[i]] = i;
    }
    void edge(const string& a, const string& b, int w) {
        int u = index.at(a), v = index.at(b);
        adj[u].push_back(make_pair(v, w));
        adj[v].push_back(make_pair(u, w));
    }
    vector<int> dijkstra(int s) const {
        vector<int> d(V, INT_MAX);
        set<pair<int, int>> q;
        d[s] = 0;
        q.insert({0, s});
        while (!q.empty()) {
            auto [c, v] = *q.begin();
            q.erase(q.begin());
            for (const auto& e : adj[v]) {
                if (d[v] + e.second < d[e.first]) {
                    q.erase({d[e.first], e.first});
                    d[e.first] = d[v] + e.second;
                    q.insert({d[e.first], e.first});
                }
            }
        }
        return d;
    }
    int prim() const {
        vector<bool> in(V, false);
        priority_queue<pair<int, int>, vector<pair<int, int>>, greater<pair<int, int>>> pq;
        pq.emplace(0, 0);
        int total = 0, joined = 0;
        while (!pq.empty() && joined < V) {
            pair<int, int> top = pq.top();
            pq.pop();
            if (in[top.second]) continue;
            in[top.second] = true;
            total += top.first;
            joined++;
            for (auto& [w, c] : adj[top.second]) if (!in[w]) pq.push({c, w});
        }
        return joined == V ? total : -1;
    }
    void show() const {
        for (int i = 0; i < V; ++i) {
            cout << names[i] << ":";
            for (auto& p : adj[i]) cout << " " << names[p.first] << "(" << p.second << ")";
            cout << "\n";
        }
    }
    string postorder() const {
        vector<bool> seen(V);
        vector<int> order;
        for (int i = 0; i < V; i++) if (!seen[i]) dfs(i, seen, order);
        string s;
        for (int v : order) s += (s.empty() ? "" : ",") + names[v];
        return s;
    }
    const string& name(int i) const { return names[i]; }
    int size() const { return V; }
};

int main() {
    Graph g({"gate", "shed", "pond", "hive", "bed"});
    g.edge("gate", "shed", 4);
    g.edge("gate", "pond", 1);
    g.edge("pond", "shed", 2);
    g.edge("shed", "hive", 5);
    try { g.edge("gate", "moon", 1); } catch (const out_of_range&) { cout << "no such place" << endl; }
    g.show();
    vector<int> d = g.dijkstra(0);
    for (int i = 0; i < g.size(); i++)
        cout << g.name(i) << " " << (d[i] == INT_MAX ? string("unreachable") : to_string(d[i])) << endl;
    cout << g.prim() << endl;
    g.edge("hive", "bed", 3);
    cout << g.prim() << " " << g.postorder() << endl;
}
