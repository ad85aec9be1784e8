#include <iostream>
#include <sstream>
#include <vector>
#include <map>
#include <set>
#include <stack>
#include <queue>
#include <algorithm>
#include <stdexcept>
#include <memory>
#include <functional>
#include <numeric>
#include <tuple>
using namespace std;
enum class Level { Low, Mid = 5, High };
class Matrix {
    vector<vector<double>> d; int r, c;
public:
    Matrix(int r, int c) : d(r, vector<double>(c, 0)), r(r), c(c) {}
    double& operator()(int i, int j) { return d[i][j]; }
    Matrix operator+(const Matrix& o) const { Matrix m(r, c); for (int i = 0; i < r; i++) for (int j = 0; j < c; j++) m.d[i][j] = d[i][j] + o.d[i][j]; return m; }
    friend ostream& operator<<(ostream& os, const Matrix& m) { for (auto& row : m.d) { for (auto v : row) os << v << " "; os << "\n"; } return os; }
};
struct Point { int x, y; bool operator<(const Point& o) const { return x < o.x || (x == o.x && y < o.y); } bool operator==(const Point& o) const { return x == o.x && y == o.y; } };
int parse(const string& s) { if (s.empty()) throw invalid_argument("empty"); for (char c : s) if (!isdigit(c)) throw runtime_error("bad " + s); return stoi(s); }
template <class T> class Box { T v; public: Box(T v) : v(v) {} T get() const { return v; } void set(T n) { v = n; } };
pair<int, int> minmax_(const vector<int>& v) { int lo = v[0], hi = v[0]; for (int x : v) { if (x < lo) lo = x; if (x > hi) hi = x; } return {lo, hi}; }
int main() {
    Matrix a(2, 2), b(2, 2); a(0, 0) = 1; b(0, 0) = 2.5; b(1, 1) = 4; cout << a + b;
    Level l = Level::High; cout << (l == Level::High) << static_cast<int>(l) << endl;
    set<Point> ps; ps.insert({2, 1}); ps.insert({1, 5}); ps.insert({1, 5}); for (auto& p : ps) cout << p.x << p.y << " "; cout << ps.size() << endl;
    for (string s : {"12", "", "x1"}) try { cout << parse(s) << endl; } catch (const invalid_argument& e) { cout << "inv " << e.what() << endl; } catch (const exception& e) { cout << "exc " << e.what() << endl; }
    Box<int> bi(3); bi.set(bi.get() + 1); Box<string> bs("hi"); cout << bi.get() << bs.get() << endl;
    auto [lo, hi] = minmax_({4, -2, 9}); cout << lo << hi << endl;
    stack<int> st; for (int i = 0; i < 3; i++) st.push(i); while (!st.empty()) { cout << st.top(); st.pop(); } cout << endl;
    queue<string> q; q.push("a"); q.push("b"); cout << q.front() << q.back() << q.size() << endl;
    priority_queue<int> pq; for (int x : {3, 9, 1}) pq.push(x); cout << pq.top() << endl;
    map<string, vector<int>> idx; string text = "a b a c b a", w; istringstream in(text); int pos = 0; while (in >> w) idx[w].push_back(pos++);
    for (const auto& [k, v] : idx) { cout << k << ":"; for (int i : v) cout << i; cout << " "; } cout << endl;
    vector<int> v = {5, 3, 8, 1}; sort(v.begin(), v.end(), [](int x, int y) { return x > y; }); for (auto it = v.begin(); it != v.end(); ++it) cout << *it << (it + 1 == v.end() ? "\n" : ",");
    cout << accumulate(v.begin(), v.end(), 0) << count_if(v.begin(), v.end(), [](int x) { return x > 2; }) << *min_element(v.begin(), v.end()) << endl;
    auto it = find(v.begin(), v.end(), 8); if (it != v.end()) { cout << "at " << it - v.begin() << endl; v.erase(it); } cout << v.size() << endl;
    function<int(int)> fact = [&](int n) { return n < 2 ? 1 : n * fact(n - 1); }; cout << fact(6) << endl;
    unique_ptr<Box<int>> up = make_unique<Box<int>>(7); shared_ptr<Point> sp = make_shared<Point>(); sp->x = 4; cout << up->get() << sp->x << sp->y << endl;
    tuple<int, string> t = make_tuple(1, "t"); cout << get<0>(t) << get<1>(t) << endl;
    stringstream ss; ss << 3 << "," << 4.5; string out = ss.str(); cout << out << out.size() << endl; getline(ss, out, ','); cout << out << endl;
    int total = 0; for_each(v.begin(), v.end(), [&total](int x) { total += x; }); cout << total << endl;
    transform(v.begin(), v.end(), v.begin(), [](int x) { return x * 2; }); v.resize(5); for (int x : v) cout << x << " "; cout << endl;
    string s = "Hello World"; reverse(s.begin(), s.end()); cout << s << s.find("lo") << s.substr(0, 3) << (s < "z") << s.compare(s) << endl; transform(s.begin(), s.end(), s.begin(), ::toupper); cout << s << endl;
    v.assign(3, 1); v.at(1) = 9; try { v.at(10); } catch (out_of_range& e) { cout << "range" << endl; } cout << v.back() << any_of(v.begin(), v.end(), [](int x) { return x == 9; }) << endl;
    vector<pair<string, int>> sc = {{"b", 2}, {"a", 2}, {"c", 5}}; sort(sc.begin(), sc.end(), [](auto& p, auto& q) { return p.second != q.second ? p.second > q.second : p.first < q.first; }); for (auto& [n, k] : sc) cout << n << k; cout << endl;
    vector<string> words = {"pea", "kale"}; string joined; for (size_t i = 0; i < words.size(); i++) { if (i) joined += ", "; joined += words[i]; } cout << joined << endl; unique(v.begin(), v.end());
    set<int> s1 = {1, 2, 3}; s1.erase(2); cout << s1.count(2) << *s1.begin() << *s1.rbegin() << (s1.find(3) != s1.end()) << endl; map<int, int> mm; mm.insert({1, 2}); mm.emplace(3, 4); mm.erase(1); cout << mm.begin()->first << mm.size() << endl;
}
