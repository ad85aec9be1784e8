#include <iostream>
#include <queue>
#include <deque>
#include <string>
#include <list>
#include <tuple>
#include <optional>
#include <unordered_map>
#include <unordered_set>
#include <stack>
using namespace std;

struct Customer { string name; int arrival, minutes; };
struct Later { bool operator()(const Customer& a, const Customer& b) const { return a.arrival > b.arrival; } };

optional<int> findFirst(const vector<int>& v, int wanted) {
    for (int i = 0; i < (int)v.size(); ++i) if (v[i] == wanted) return i;
    return nullopt;
}
tuple<int, int, double> stats(const vector<int>& v) {
    int lo = v.front(), hi = lo; long sum = 0;
    for (int x : v) { lo = min(lo, x); hi = max(hi, x); sum += x; }
    return {lo, hi, double(sum) / v.size()};
}
bool balanced(const string& s) {
    static const unordered_map<char, char> closing = {{')', '('}, {']', '['}, {'}', '{'}};
    stack<char> open;
    for (char c : s) {
        if (string("([{").find(c) != string::npos) open.push(c);
        else if (auto it = closing.find(c); it != closing.end()) {
            if (open.empty() || open.top() != it->second) return false;
            open.pop();
        }
    }
    return open.empty();
}
int rpn(const string& s) {
    stack<int> st; string tok;
    for (size_t i = 0; i <= s.size(); ++i) {
        if (i < s.size() && s[i] != ' ') { tok += s[i]; continue; }
        if (tok.empty()) continue;
        if (isdigit(tok.back())) st.push(stoi(tok));
        else { int b = st.top(); st.pop(); int a = st.top(); st.pop();
            switch (tok[0]) { case '+': st.push(a + b); break; case '-': st.push(a - b); break; case '*': st.push(a * b); break; case '/': st.push(a / b); break; default: throw runtime_error("bad " + tok); } }
        tok.clear();
    }
    return st.top();
}
int main() {
    priority_queue<Customer, vector<Customer>, Later> line;
    line.push({"Mina", 5, 3}); line.push({"Odo", 1, 6}); line.push({"Pia", 2, 2});
    int clock = 0;
    while (!line.empty()) {
        Customer c = line.top(); line.pop();
        clock = max(clock, c.arrival);
        cout << c.name << " waits " << clock - c.arrival << endl;
        clock += c.minutes;
    }
    if (auto at = findFirst({4, 8, 15}, 15)) cout << "at " << *at << endl;
    cout << findFirst({1}, 2).value_or(-1) << boolalpha << ' ' << findFirst({1}, 2).has_value() << endl;
    auto [lo, hi, mean] = stats({3, 9, 6});
    cout << lo << ' ' << hi << ' ' << mean << endl;
    for (string s : {"([]{})", "([)]", "(("}) cout << s << ' ' << balanced(s) << endl;
    cout << rpn("3 4 + 2 * 7 -") << endl;
    try { rpn("1 2 ?"); } catch (const runtime_error& e) { cout << e.what() << endl; }
    deque<int> d = {1, 2, 3}; d.push_front(0); d.pop_back(); d.insert(d.begin() + 1, 7);
    for (auto it = d.begin(); it != d.end(); it++) cout << *it << ' ';
    cout << d.front() << d.back() << endl;
    list<string> l = {"b", "c"}; l.push_front("a"); l.remove("b"); l.sort(); for (auto& s : l) cout << s; cout << endl;
    unordered_set<int> seen; int dup = -1; for (int x : {3, 1, 4, 1, 5}) if (!seen.insert(x).second) { dup = x; break; } cout << dup << endl;
    int a[3][3] = {{1, 2, 3}, {4, 5, 6}, {7, 8, 9}}, tr = 0; for (int i = 0; i < 3; i++) tr += a[i][i]; cout << tr << endl;
    int* p = &a[1][1]; *p *= 10; cout << a[1][1] << ' ' << sizeof(a) / sizeof(a[0]) << endl;
    auto t = make_tuple("x", 2, 3.5); cout << get<0>(t) << get<1>(t) << get<2>(t) << endl;
}
