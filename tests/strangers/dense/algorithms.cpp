#include <iostream>
#include <algorithm>
#include <numeric>
#include <string>
#include <vector>
#include <map>
#include <set>
#include <queue>
#include <sstream>
#include <iomanip>
#include <cmath>
#include <cctype>
#include <climits>
#include <stdexcept>
using namespace std;
string upper(string s) { transform(s.begin(), s.end(), s.begin(), ::toupper); return s; }
string trim(const string &s) { size_t a = 0, b = s.size(); while (a < b && s[a] == ' ') a++; while (b > a && s[b - 1] == ' ') b--; return s.substr(a, b - a); }
vector<string> split(const string &s, char d) { vector<string> out; string part; istringstream in(s); while (getline(in, part, d)) out.push_back(part); return out; }
bool isPalindrome(const string &s) { string t; for (char c : s) if (isalnum(c)) t += tolower(c); return t == string(t.rbegin(), t.rend()); }
int gcd2(int a, int b) { while (b) { int t = a % b; a = b; b = t; } return a; }
double mean(const vector<double> &v) { return v.empty() ? 0 : accumulate(v.begin(), v.end(), 0.0) / v.size(); }
int main() {
    vector<int> v{5, 3, 9, 1, 7};
    sort(v.begin(), v.end()); for (int x : v) cout << x << ' '; cout << endl;
    sort(v.begin(), v.end(), greater<int>()); cout << v[0] << v.back() << endl;
    reverse(v.begin(), v.end()); cout << v[0] << " " << *max_element(v.begin(), v.end()) << " " << *min_element(v.begin(), v.end()) << " " << accumulate(v.begin(), v.end(), 0) << " " << count(v.begin(), v.end(), 3) << " " << (find(v.begin(), v.end(), 9) != v.end()) << " " << find(v.begin(), v.end(), 7) - v.begin() << endl;
    cout << count_if(v.begin(), v.end(), [](int x) { return x > 4; }) << any_of(v.begin(), v.end(), [](int x) { return x == 1; }) << all_of(v.begin(), v.end(), [](int x) { return x > 1; }) << binary_search(v.begin(), v.end(), 5) << endl;
    v.erase(v.begin() + 1); v.insert(v.begin() + 2, 42); v.pop_back(); v.push_back(0); v.erase(remove(v.begin(), v.end(), 42), v.end()); for (size_t i = 0; i < v.size(); ++i) cout << v[i] << (i + 1 < v.size() ? "," : "\n");
    vector<int> w(3, 7), z = v; z.insert(z.end(), w.begin(), w.end()); cout << z.size() << z.back() << (v == z) << (w < z) << endl;
    string s = "  The garden is green  "; cout << "[" << trim(s) << "]" << upper(trim(s)) << s.size() << endl;
    for (auto &p : split("a,b,,c", ',')) cout << "<" << p << ">"; cout << endl;
    cout << isPalindrome("Never odd or even") << isPalindrome("garden") << gcd2(84, 36) << endl;
    string t = "hello"; t += " world"; t.replace(0, 5, "HELLO"); t.erase(5, 1); t.insert(5, "--"); t.push_back('!'); cout << t << t.find("wor") << t.rfind('o') << t.substr(2, 3) << t.at(1) << (t < "Z") << endl;
    map<string, int> m{{"pea", 3}, {"bean", 5}}; m["leek"]; m["pea"]++; m.insert({"kale", 1}); m.erase("bean"); for (const auto &kv : m) cout << kv.first << kv.second << " "; cout << m.size() << m.count("bean") << (m.find("pea") != m.end() ? "yes" : "no") << endl;
    set<int> st{3, 1, 3, 2}; st.insert(5); st.erase(1); for (int x : st) cout << x; cout << st.count(3) << st.size() << *st.begin() << endl;
    priority_queue<int> pq; for (int x : {3, 9, 4}) pq.push(x); cout << pq.top(); pq.pop(); cout << pq.top() << pq.size() << endl;
    queue<string> q; q.push("a"); q.push("b"); cout << q.front() << q.back() << q.size(); q.pop(); cout << q.front() << q.empty() << endl;
    ostringstream out; out << "x=" << 5 << " y=" << fixed << setprecision(2) << 2.5; cout << out.str() << out.str().length() << endl;
    stringstream ss("12 abc 3.5"); int n; string word; double d; ss >> n >> word >> d; cout << n + 1 << word << d * 2 << endl;
    cout << fixed << setprecision(3) << mean({1, 2, 4}) << " " << sqrt(2) << " " << pow(2, 0.5) << " " << fmod(7.5, 2) << " " << floor(-1.5) << " " << round(1.5) << " " << abs(-3) << " " << 1e3 << endl;
    cout << defaultfloat << setprecision(6) << 1.0 / 3 << " " << 100000.0 << " " << 1234567.0 << " " << 0.0001 << " " << 2.0 << endl;
    cout << INT_MAX << " " << 7 / 2 << " " << -7 / 2 << " " << -7 % 3 << " " << 7.0 / 2 << " " << (int)3.9 << " " << 'a' + 1 << " " << char('a' + 1) << " " << (5 > 3) << " " << (true ? "t" : "f") << " " << 1.5f << endl;
    try { vector<int> e; e.at(2); } catch (const out_of_range &e) { cout << "range" << endl; }
    try { stoi("abc"); } catch (invalid_argument &) { cout << "bad" << endl; } catch (...) { cout << "other" << endl; }
    try { throw 42; } catch (int e) { cout << e << endl; }
    vector<pair<string, int>> ps{{"b", 2}, {"a", 2}, {"c", 1}}; sort(ps.begin(), ps.end(), [](const pair<string, int> &x, const pair<string, int> &y) { return x.second != y.second ? x.second > y.second : x.first < y.first; }); for (auto &[name, num] : ps) cout << name << num; cout << endl;
    int a[5] = {1, 2, 3}; int total = 0; for (int x : a) total += x; cout << total << a[4] << " "; sort(a, a + 5); cout << a[0] << a[4] << endl;
    char grid[2][3] = {{'a', 'b', 'c'}, {'d', 'e', 'f'}}; for (int c = 0; c < 3; c++) for (int r = 0; r < 2; r++) cout << grid[r][c]; cout << endl;
    const char *words[] = {"one", "two"}; for (const char *x : words) cout << x; string joined; for (int i = 0; i < 2; i++) joined += string(words[i]) + (i ? "" : "+"); cout << joined << endl;
    int i = 0; while (true) { if (++i % 2) continue; if (i > 6) break; cout << i; } do { i--; } while (i > 3); cout << i << endl;
    vector<vector<int>> tri; for (int r = 0; r < 4; r++) { vector<int> row(r + 1, 1); for (int c = 1; c < r; c++) row[c] = tri[r - 1][c - 1] + tri[r - 1][c]; tri.push_back(row); } for (auto &r : tri) { for (int x : r) cout << x; cout << '/'; } cout << endl;
    long long big = 1; for (int k = 1; k <= 20; k++) big *= k; cout << big << " " << (unsigned)5 << " " << sizeof(int) << " " << to_string(3.14159).substr(0, 4) << " " << stod("2.5") * 2 << endl;
    iota(v.begin(), v.end(), 10); for (int x : v) cout << x << (x == v.back() ? "\n" : " "); cout << v.back() << endl;
}
