#include <iostream>
#include <vector>
#include <string>
#include <map>
#include <set>
#include <queue>
#include <stack>
#include <algorithm>
#include <iomanip>
#include <sstream>
using namespace std;

enum class Kind { Herb, Tree, Grass };

struct Date {
    int y, m, d;
    bool operator<(const Date& o) const { return y != o.y ? y < o.y : m != o.m ? m < o.m : d < o.d; }
    string text() const {
        ostringstream s;
        s << setfill('0') << setw(4) << y << '-' << setw(2) << m << '-' << setw(2) << d;
        return s.str();
    }
};
bool leap(int y) { return (y % 4 == 0 && y % 100 != 0) || y % 400 == 0; }
int daysIn(int m, int y) {
    static const int days[] = {31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};
    return m == 2 && leap(y) ? 29 : days[m - 1];
}
Date next(Date d) {
    if (++d.d > daysIn(d.m, d.y)) {
        d.d = 1;
        if (++d.m > 12) { d.m = 1; d.y++; }
    }
    return d;
}

class Graph {
    map<string, map<string, int>> edges;
public:
    void add(const string& a, const string& b, int w) { edges[a][b] = w; edges[b][a] = w; }
    map<string, int> distances(const string& from) const {
        map<string, int> dist;
        using P = pair<int, string>;
        priority_queue<P, vector<P>, greater<P>> todo;
        todo.push({0, from});
        while (!todo.empty()) {
            auto [d, at] = todo.top();
            todo.pop();
            if (dist.count(at)) continue;
            dist[at] = d;
            for (const auto& [to, w] : edges.at(at))
                if (!dist.count(to)) todo.push({d + w, to});
        }
        return dist;
    }
    vector<string> order(const string& from) const {
        vector<string> out;
        set<string> seen{from};
        queue<string> q;
        q.push(from);
        while (!q.empty()) {
            string at = q.front();
            q.pop();
            out.push_back(at);
            for (const auto& e : edges.at(at)) if (seen.insert(e.first).second) q.push(e.first);
        }
        return out;
    }
};

long long power(long long b, int e, long long mod) {
    long long r = 1;
    for (b %= mod; e > 0; e >>= 1) {
        if (e & 1) r = r * b % mod;
        b = b * b % mod;
    }
    return r;
}
string toBase(int n, int base) {
    const string digits = "0123456789ABCDEF";
    if (n == 0) return "0";
    string s;
    for (int k = abs(n); k; k /= base) s.insert(s.begin(), digits[k % base]);
    return n < 0 ? "-" + s : s;
}
void permute(string s, int at, vector<string>& out) {
    if (at == (int)s.size()) { out.push_back(s); return; }
    for (int i = at; i < (int)s.size(); i++) {
        swap(s[at], s[i]);
        permute(s, at + 1, out);
    }
}
bool solve(int row, vector<int>& cols, int n, int& count) {
    if (row == n) { count++; return true; }
    bool any = false;
    for (int c = 0; c < n; c++) {
        bool ok = true;
        for (int r = 0; r < row && ok; r++) ok = cols[r] != c && abs(cols[r] - c) != row - r;
        if (!ok) continue;
        cols[row] = c;
        any |= solve(row + 1, cols, n, count);
    }
    return any;
}
int main() {
    Date d{2024, 2, 28};
    for (int i = 0; i < 3; i++) { cout << d.text() << ' '; d = next(d); }
    cout << (Date{2023, 12, 31} < Date{2024, 1, 1}) << endl;
    vector<Date> ds{{2024, 5, 1}, {2023, 7, 9}, {2024, 1, 30}};
    sort(ds.begin(), ds.end());
    for (const Date& x : ds) cout << x.text() << " ";
    cout << endl;
    Graph g;
    g.add("gate", "pond", 4); g.add("gate", "shed", 2); g.add("shed", "pond", 1); g.add("pond", "beds", 5);
    for (const auto& [place, dist] : g.distances("gate")) cout << place << "=" << dist << " ";
    for (auto& p : g.order("gate")) cout << p[0];
    cout << endl;
    cout << power(2, 50, 1000007) << " " << toBase(255, 16) << " " << toBase(-10, 2) << endl;
    vector<string> perms;
    permute("abc", 0, perms);
    for (auto& p : perms) cout << p << ' ';
    cout << endl;
    int count = 0;
    vector<int> cols(6);
    cout << boolalpha << solve(0, cols, 6, count) << count << endl;
    stack<char> st;
    string expr = "{[()]}(";
    bool ok = true;
    for (char c : expr) {
        switch (c) {
            case '(': case '[': case '{': st.push(c); break;
            default: {
                if (st.empty()) { ok = false; break; }
                char o = st.top();
                st.pop();
                ok = ok && ((o == '(' && c == ')') || (o == '[' && c == ']') || (o == '{' && c == '}'));
            }
        }
    }
    cout << (ok && st.empty()) << st.size() << endl;
    vector<vector<char>> grid(3, vector<char>(4, '.'));
    grid[1][2] = '#';
    grid[0][0] = 'S';
    for (const auto& row : grid) { for (char c : row) cout << c; cout << '\n'; }
    map<char, int> freq;
    for (char c : string("mississippi")) ++freq[c];
    auto most = max_element(freq.begin(), freq.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
    cout << most->first << most->second << endl;
    double total = 0;
    int n = 0;
    for (double x : {1.5, 2.5, 4.0}) { total += x; ++n; }
    cout << fixed << setprecision(3) << total / n << endl;
    string line = "  two  words ";
    istringstream in(line);
    string w;
    while (in >> w) cout << "[" << w << "]";
    cout << endl;
    int a[2][3] = {{1, 2, 3}, {4, 5, 6}}, t[3][2];
    for (int i = 0; i < 2; i++) for (int j = 0; j < 3; j++) t[j][i] = a[i][j];
    cout << t[2][0] << t[0][1] << endl;
    unsigned x = 5;
    x = (x << 3) | (x >> 1);
    cout << x << " " << (x & 0xF) << " " << ((x >> 2) & 1) << endl;
}
