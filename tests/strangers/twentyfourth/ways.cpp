#include <iostream>
#include <queue>
#include <map>
#include <set>
#include <vector>
#include <string>
#include <climits>
using namespace std;

typedef pair<int, string> Edge;

class Graph {
    map<string, vector<Edge>> adj;
public:
    void connect(const string& a, const string& b, int w) {
        adj[a].push_back(make_pair(w, b));
        adj[b].push_back(make_pair(w, a));
    }

    map<string, int> dijkstra(const string& start, map<string, string>& from) const {
        map<string, int> dist;
        for (const auto& kv : adj) dist[kv.first] = INT_MAX;
        dist[start] = 0;
        priority_queue<Edge, vector<Edge>, greater<Edge>> pq;
        pq.push({0, start});
        while (!pq.empty()) {
            auto [d, here] = pq.top();
            pq.pop();
            if (d > dist[here]) continue;
            for (const auto& [w, next] : adj.at(here)) {
                int nd = d + w;
                if (nd < dist[next]) {
                    dist[next] = nd;
                    from[next] = here;
                    pq.push({nd, next});
                }
            }
        }
        return dist;
    }

    vector<string> bfs(const string& start) {
        vector<string> order;
        set<string> seen{start};
        queue<string> q;
        q.push(start);
        while (!q.empty()) {
            string here = q.front();
            q.pop();
            order.push_back(here);
            for (auto& e : adj[here]) {
                if (seen.insert(e.second).second) q.push(e.second);
            }
        }
        return order;
    }

    bool dfs(const string& here, const string& goal, set<string>& seen, vector<string>& path) {
        if (!seen.insert(here).second) return false;
        path.push_back(here);
        if (here == goal) return true;
        for (auto& [w, next] : adj[here])
            if (dfs(next, goal, seen, path)) return true;
        path.pop_back();
        return false;
    }
};

int main() {
    Graph g;
    g.connect("gate", "pond", 4);
    g.connect("gate", "shed", 1);
    g.connect("shed", "pond", 2);
    g.connect("pond", "hive", 5);
    g.connect("shed", "hive", 9);
    g.connect("tower", "cellar", 1);
    map<string, string> from;
    auto dist = g.dijkstra("gate", from);
    for (auto& [place, d] : dist) {
        cout << place << " ";
        if (d == INT_MAX) { cout << "unreachable\n"; continue; }
        cout << d << " via ";
        string p = place;
        vector<string> path;
        while (p != "gate") { path.push_back(p); p = from[p]; }
        path.push_back("gate");
        for (auto it = path.rbegin(); it != path.rend(); ++it) cout << *it << (it + 1 == path.rend() ? "\n" : ">");
    }
    for (auto& s : g.bfs("gate")) cout << s << ' ';
    set<string> seen; vector<string> path;
    cout << (g.dfs("gate", "hive", seen, path) ? "found" : "lost") << ' ' << path.size() << endl;
}
