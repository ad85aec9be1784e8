#include <iostream>
#include <map>
#include <set>
#include <queue>
#include <stack>
#include <string>
#include <sstream>
#include <cmath>

typedef long long ll;
const int N = 5;

template <typename T>
T biggest(const std::vector<T>& v) {
    T best = v[0];
    for (const T& x : v) if (x > best) best = x;
    return best;
}

int evaluate(const std::string& expr) {
    std::stack<int> st;
    std::istringstream in(expr);
    std::string tok;
    while (in >> tok) {
        if (isdigit(tok[0])) st.push(std::stoi(tok));
        else {
            int b = st.top(); st.pop();
            int a = st.top(); st.pop();
            switch (tok[0]) {
                case '+': st.push(a + b); break;
                case '-': st.push(a - b); break;
                case '*': st.push(a * b); break;
                case '/': st.push(a / b); break;
                default: std::cerr << "?" << std::endl;
            }
        }
    }
    return st.top();
}

int main() {
    std::cout << evaluate("3 4 + 2 * 7 /") << "\n";
    std::vector<std::vector<int>> adj(N);
    adj[0] = {1, 2}; adj[1] = {3}; adj[2] = {3}; adj[3] = {4};
    std::vector<int> dist(N, -1);
    std::queue<int> q;
    q.push(0); dist[0] = 0;
    while (!q.empty()) {
        int u = q.front(); q.pop();
        for (int v : adj[u]) if (dist[v] < 0) { dist[v] = dist[u] + 1; q.push(v); }
    }
    for (int i = 0; i < N; i++) std::cout << dist[i] << " \n"[i == N - 1];
    std::map<std::string, std::vector<int>> marks;
    marks["pea"].push_back(3); marks["bean"] = {1, 2}; marks["pea"].push_back(9);
    for (auto it = marks.begin(); it != marks.end(); ++it) {
        std::cout << it->first << ":";
        for (auto m : it->second) std::cout << ' ' << m;
        std::cout << '\n';
    }
    std::set<char> letters;
    for (char c : std::string("fernhollow")) letters.insert(c);
    for (char c : letters) std::cout << c;
    std::cout << " " << letters.size() << " " << letters.count('z') << "\n";
    ll f = 1;
    for (int i = 2; i <= 15; i++) f *= i;
    std::cout << f << " " << (f > 2147483647LL ? "big" : "small") << "\n";
    std::cout << biggest(std::vector<double>{1.5, 9.25, 3}) << " " << biggest(std::vector<std::string>{"a", "c", "b"}) << "\n";
    std::priority_queue<std::pair<int, std::string>> pq;
    pq.push({2, "weed"}); pq.push({9, "sow"}); pq.push({5, "dig"});
    while (!pq.empty()) { std::cout << pq.top().first << pq.top().second << " "; pq.pop(); }
    std::cout << std::endl << std::pow(2, 10) << " " << std::sqrt(2.0) << " " << 7 / 2 << " " << 7 % 3 << " " << 7 / 2.0 << " " << (char)('a' + 2) << " " << int('A') << std::endl;
    return 0;
}
