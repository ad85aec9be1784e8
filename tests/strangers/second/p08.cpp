#include <iostream>
#include <vector>
#include <string>
#include <queue>
#include <stack>
#include <set>
#include <map>
using namespace std;
int main() {
    map<char, vector<char>> graph = {{'A', {'B', 'C'}}, {'B', {'D'}}, {'C', {'D', 'E'}}, {'D', {'F'}}, {'E', {'F'}}, {'F', {}}};
    queue<char> q;
    set<char> seen;
    map<char, char> from;
    q.push('A');
    seen.insert('A');
    while (!q.empty()) {
        char node = q.front();
        q.pop();
        cout << node << " ";
        for (char next : graph[node]) {
            if (seen.find(next) == seen.end()) {
                seen.insert(next);
                from[next] = node;
                q.push(next);
            }
        }
    }
    cout << endl;
    stack<char> path;
    for (char at = 'F'; at != 'A'; at = from[at]) path.push(at);
    cout << 'A';
    while (!path.empty()) { cout << " -> " << path.top(); path.pop(); }
    cout << endl;
    const int N = 4, INF = 999;
    int dist[N][N] = {{0, 3, INF, 7}, {8, 0, 2, INF}, {5, INF, 0, 1}, {2, INF, INF, 0}};
    for (int k = 0; k < N; k++)
        for (int i = 0; i < N; i++)
            for (int j = 0; j < N; j++)
                if (dist[i][k] + dist[k][j] < dist[i][j]) dist[i][j] = dist[i][k] + dist[k][j];
    for (int i = 0; i < N; i++) { for (int j = 0; j < N; j++) cout << dist[i][j] << '\t'; cout << '\n'; }
    priority_queue<pair<int, string>> tasks;
    tasks.push({2, "water"}); tasks.push({5, "plant"}); tasks.push(make_pair(1, "rest"));
    while (!tasks.empty()) { auto [p, name] = tasks.top(); tasks.pop(); cout << p << name << " "; }
    cout << endl;
    deque<int> d = {1, 2, 3};
    d.push_front(0); d.pop_back();
    for (size_t i = 0; i < d.size(); i++) cout << d[i];
    cout << endl;
    multiset<int> ms = {3, 1, 3};
    cout << ms.size() << ms.count(3) << endl;
}
