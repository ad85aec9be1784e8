#include <bits/stdc++.h>
using namespace std;
template <typename T> T biggest(const vector<T>& v) { T b = v[0]; for (const T& x : v) if (x > b) b = x; return b; }
enum class Suit { Hearts, Spades };
string name(Suit s) { switch (s) { case Suit::Hearts: return "hearts"; case Suit::Spades: return "spades"; } return "?"; }
int main() {
    ios::sync_with_stdio(false);
    vector<int> v{5, 2, 9};
    vector<string> w{"fern", "yew", "ash"};
    cout << biggest(v) << ' ' << biggest(w) << '\n';
    sort(v.rbegin(), v.rend());
    for (int i : v) cout << i << ',';
    cout << '\n' << accumulate(v.begin(), v.end(), 0) << ' ' << *max_element(v.begin(), v.end()) << '\n';
    set<char> s; for (char c : string("garden")) s.insert(c);
    for (char c : s) cout << c; cout << '\n';
    stack<int> st; queue<int> q;
    for (int i = 0; i < 3; i++) { st.push(i); q.push(i); }
    while (!st.empty()) { cout << st.top() << q.front() << ' '; st.pop(); q.pop(); }
    cout << '\n' << name(Suit::Spades) << '\n';
    auto f = [&v](int k) { return (int)count_if(v.begin(), v.end(), [k](int x) { return x > k; }); };
    cout << f(4) << endl;
    string t = "Hello"; reverse(t.begin(), t.end()); cout << t << ' ' << t.substr(1, 3) << ' ' << t.find('l') << '\n';
    printf("%05.1f|%-6s|%3d%%\n", 3.14159, "ab", 42);
}
