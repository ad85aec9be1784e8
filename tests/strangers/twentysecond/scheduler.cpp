#include <iostream>
#include <queue>
#include <vector>
#include <string>
#include <functional>
#include <unordered_set>
#include <algorithm>
#include <limits>

struct Task {
    int priority;
    std::string name;
    int duration;
    bool operator<(const Task& other) const {
        if (priority != other.priority) return priority < other.priority;
        return name > other.name;
    }
};

class Timer {
    std::string label;
public:
    explicit Timer(std::string l) : label(std::move(l)) { std::cout << "[start " << label << "]\n"; }
    ~Timer() { std::cout << "[stop " << label << "]\n"; }
    Timer(const Timer&) = delete;
};

using Graph = std::vector<std::vector<std::pair<int, int>>>;

std::vector<int> shortest(const Graph& g, int start) {
    const int INF = std::numeric_limits<int>::max();
    std::vector<int> dist(g.size(), INF);
    using State = std::pair<int, int>;
    std::priority_queue<State, std::vector<State>, std::greater<State>> pq;
    dist[start] = 0;
    pq.emplace(0, start);
    while (!pq.empty()) {
        const auto [d, u] = pq.top();
        pq.pop();
        if (d > dist[u]) continue;
        for (const auto& [v, w] : g[u])
            if (dist[u] + w < dist[v]) {
                dist[v] = dist[u] + w;
                pq.push({dist[v], v});
            }
    }
    return dist;
}

int knapsack(const std::vector<int>& weights, const std::vector<int>& values, int capacity) {
    std::vector<std::vector<int>> best(weights.size() + 1, std::vector<int>(capacity + 1));
    for (size_t i = 1; i <= weights.size(); ++i)
        for (int c = 0; c <= capacity; ++c) {
            best[i][c] = best[i - 1][c];
            if (weights[i - 1] <= c)
                best[i][c] = std::max(best[i][c], best[i - 1][c - weights[i - 1]] + values[i - 1]);
        }
    return best.back().back();
}

int main() {
    Timer all("all");
    std::priority_queue<Task> tasks;
    tasks.push({2, "weed", 30});
    tasks.push({5, "water", 10});
    tasks.push(Task{5, "feed", 5});
    tasks.emplace(Task{1, "rest", 60});
    int clock = 0;
    while (!tasks.empty()) {
        Task t = tasks.top();
        tasks.pop();
        std::cout << clock << ": " << t.name << '\n';
        clock += t.duration;
    }
    {
        Timer inner("graph");
        Graph g(4);
        auto edge = [&g](int a, int b, int w) { g[a].push_back({b, w}); g[b].emplace_back(a, w); };
        edge(0, 1, 7); edge(0, 2, 2); edge(2, 1, 3);
        for (int d : shortest(g, 0)) std::cout << (d == std::numeric_limits<int>::max() ? -1 : d) << ' ';
        std::cout << '\n';
    }
    std::cout << knapsack({1, 3, 4, 5}, {1, 4, 5, 7}, 7) << '\n';
    std::vector<int> v{3, 1, 4, 1, 5, 9, 2, 6, 5, 3};
    std::sort(v.begin(), v.end(), std::greater<>());
    v.erase(std::unique(v.begin(), v.end()), v.end());
    for (int x : v) std::cout << x;
    std::cout << ' ' << std::binary_search(v.rbegin(), v.rend(), 4) << '\n';
    std::nth_element(v.begin(), v.begin() + 2, v.end());
    std::cout << v[2] << ' ' << *std::min_element(v.begin(), v.end()) << '\n';
    std::unordered_set<std::string> seen;
    for (const std::string& s : {"a", "b", "a"}) std::cout << seen.insert(s).second;
    std::cout << '\n';
    std::function<int(int)> fact = [&](int n) { return n <= 1 ? 1 : n * fact(n - 1); };
    auto twice = [](auto f, int x) { return f(f(x)); };
    std::cout << fact(10) << ' ' << twice([](int x) { return x * x; }, 3) << '\n';
    std::vector<bool> flags(5, true);
    flags[2] = false;
    std::cout << std::count(flags.begin(), flags.end(), true) << std::any_of(v.begin(), v.end(), [](int x) { return x > 8; }) << '\n';
    return 0;
}
