#include <iostream>
#include <stack>
#include <queue>
#include <map>
#include <set>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;

int precedence(char op) {
    switch (op) {
        case '+': case '-': return 1;
        case '*': case '/': return 2;
        default: return 0;
    }
}

string toPostfix(const string& infix) {
    stack<char> ops;
    string out;
    for (char c : infix) {
        if (isspace(c)) continue;
        if (isdigit(c)) { out += c; out += ' '; }
        else if (c == '(') ops.push(c);
        else if (c == ')') {
            while (!ops.empty() && ops.top() != '(') { out += ops.top(); out += ' '; ops.pop(); }
            ops.pop();
        } else {
            while (!ops.empty() && precedence(ops.top()) >= precedence(c)) { out += ops.top(); out += ' '; ops.pop(); }
            ops.push(c);
        }
    }
    while (!ops.empty()) { out += ops.top(); out += ' '; ops.pop(); }
    return out;
}

int evaluate(const string& postfix) {
    stack<int> values;
    for (char c : postfix) {
        if (c == ' ') continue;
        if (isdigit(c)) values.push(c - '0');
        else {
            int b = values.top(); values.pop();
            int a = values.top(); values.pop();
            switch (c) {
                case '+': values.push(a + b); break;
                case '-': values.push(a - b); break;
                case '*': values.push(a * b); break;
                case '/': values.push(a / b); break;
            }
        }
    }
    return values.top();
}

int main() {
    string e = "(1 + 2) * 3 - 8 / 4";
    string p = toPostfix(e);
    cout << p << "= " << evaluate(p) << endl;

    map<string, set<string>> graph;
    auto link = [&graph](const string& a, const string& b) {
        graph[a].insert(b);
        graph[b].insert(a);
    };
    link("shed", "pond");
    link("shed", "gate");
    link("gate", "orchard");
    link("orchard", "pond");
    link("orchard", "hill");
    queue<pair<string, int>> todo;
    set<string> seen{"shed"};
    todo.push({"shed", 0});
    while (!todo.empty()) {
        auto [place, far] = todo.front();
        todo.pop();
        cout << place << ":" << far << " ";
        for (const auto& next : graph[place])
            if (seen.insert(next).second) todo.emplace(next, far + 1);
    }
    cout << endl;
    priority_queue<pair<int, string>> jobs;
    jobs.push({3, "mow"}); jobs.push({7, "water"}); jobs.push({5, "weed"});
    while (jobs.size()) {
        cout << jobs.top().second << "(" << jobs.top().first << ") ";
        jobs.pop();
    }
    cout << endl;
    deque<int> d = {1, 2, 3};
    d.push_front(0); d.pop_back();
    for (size_t i = 0; i < d.size(); ++i) cout << d[i] << (i + 1 < d.size() ? "," : "\n");
    multiset<int> ms = {3, 1, 3};
    cout << ms.count(3) << " " << *ms.begin() << " " << *ms.rbegin() << endl;
    vector<vector<int>> tri(5);
    for (int i = 0; i < 5; ++i) {
        tri[i].resize(i + 1, 1);
        for (int j = 1; j < i; ++j) tri[i][j] = tri[i-1][j-1] + tri[i-1][j];
    }
    for (auto& row : tri) { for (int v : row) cout << v << " "; cout << "\n"; }
}
