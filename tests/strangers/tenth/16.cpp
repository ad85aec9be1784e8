#include <iostream>
#include <vector>
#include <queue>
#include <stack>
#include <map>
#include <set>
#include <string>
#include <limits>
#include <functional>

using Graph = std::map<std::string, std::vector<std::pair<std::string, int>>>;

std::map<std::string, int> dijkstra(const Graph& g, const std::string& source) {
    std::map<std::string, int> dist;
    for (const auto& [node, edges] : g) dist[node] = std::numeric_limits<int>::max();
    using Entry = std::pair<int, std::string>;
    std::priority_queue<Entry, std::vector<Entry>, std::greater<>> pq;
    dist[source] = 0;
    pq.emplace(0, source);
    while (!pq.empty()) {
        auto [d, u] = pq.top();
        pq.pop();
        if (d > dist[u]) continue;
        for (const auto& [v, w] : g.at(u)) {
            if (d + w < dist[v]) {
                dist[v] = d + w;
                pq.push({dist[v], v});
            }
        }
    }
    return dist;
}

void dfs(const Graph& g, const std::string& node, std::set<std::string>& seen, std::function<void(const std::string&)> visit) {
    if (!seen.insert(node).second) return;
    visit(node);
    for (const auto& e : g.at(node)) dfs(g, e.first, seen, visit);
}

bool balanced(const std::string& s) {
    std::stack<char> st;
    for (char c : s) {
        switch (c) {
            case '(': case '[': case '{':
                st.push(c);
                break;
            case ')': case ']': case '}': {
                if (st.empty()) return false;
                char open = st.top();
                st.pop();
                if ((c == ')' && open != '(') || (c == ']' && open != '[') || (c == '}' && open != '{')) return false;
                break;
            }
            default:
                break;
        }
    }
    return st.empty();
}

int main() {
    Graph g = {
        {"gate", {{"pond", 4}, {"shed", 1}}},
        {"shed", {{"pond", 2}, {"oak", 7}}},
        {"pond", {{"oak", 1}}},
        {"oak", {}},
    };
    for (const auto& p : dijkstra(g, "gate")) std::cout << p.first << '=' << p.second << ' ';
    std::cout << '\n';
    std::set<std::string> seen;
    std::string path;
    dfs(g, "gate", seen, [&path](const std::string& n) { path += n + ">"; });
    path.pop_back();
    std::cout << path << ' ' << seen.size() << '\n';
    for (const char* s : {"([]{})", "(]", "(("}) std::cout << s << (balanced(s) ? " ok" : " bad") << '\n';
    std::queue<int> q;
    for (int i = 0; i < 3; ++i) q.push(i * i);
    while (!q.empty()) {
        std::cout << q.front() << (q.size() > 1 ? "," : "\n");
        q.pop();
    }
    std::multimap<int, std::string> m;
    m.insert({2, "b"}); m.insert({1, "a"}); m.insert({2, "c"});
    std::cout << m.size() << m.count(2) << '\n';
}
