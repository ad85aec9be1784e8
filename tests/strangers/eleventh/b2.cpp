#include <iostream>
#include <vector>
#include <string>
#include <map>
#include <algorithm>
#include <sstream>
#include <iomanip>
using namespace std;
class Student {
  string name; vector<int> marks;
 public:
  Student(string n, vector<int> m = {}) : name(move(n)), marks(m) {}
  void add(int m) { marks.push_back(m); }
  double avg() const { if (marks.empty()) return 0; int s = 0; for (int m : marks) s += m; return static_cast<double>(s) / marks.size(); }
  string getName() const { return name; }
  bool operator<(const Student& o) const { return avg() < o.avg(); }
  char grade() const { double a = avg(); if (a >= 80) return 'A'; if (a >= 60) return 'B'; return 'C'; }
};
class Matrix {
  int r, c; vector<vector<double>> d;
 public:
  Matrix(int r, int c) : r(r), c(c), d(r, vector<double>(c)) {}
  double& at(int i, int j) { return d[i][j]; }
  Matrix operator*(const Matrix& o) const {
    Matrix m(r, o.c);
    for (int i = 0; i < r; ++i) for (int j = 0; j < o.c; ++j) for (int k = 0; k < c; ++k) m.d[i][j] += d[i][k] * o.d[k][j];
    return m;
  }
  void print() const { for (auto& row : d) { for (double x : row) cout << setw(6) << x; cout << endl; } }
};
template <class T> void show(const vector<T>& v, const string& sep = " ") { for (size_t i = 0; i < v.size(); i++) { if (i) cout << sep; cout << v[i]; } cout << endl; }
template <typename A, typename B> auto add(A a, B b) { return a + b; }
vector<string> split(const string& s, char d) { vector<string> out; stringstream ss(s); string p; while (getline(ss, p, d)) out.push_back(p); return out; }
int fibo(int n) { static map<int, int> memo; if (n < 2) return n; if (memo.count(n)) return memo[n]; return memo[n] = fibo(n - 1) + fibo(n - 2); }
int main() {
  vector<Student> s{{"Moss", {90, 85}}, {"Fern", {60, 70}}, {"Clay"}};
  s[2].add(40);
  sort(s.rbegin(), s.rend());
  for (const auto& x : s) cout << left << setw(8) << x.getName() << right << setw(7) << fixed << setprecision(2) << x.avg() << ' ' << x.grade() << endl;
  cout << defaultfloat << setprecision(6);
  Matrix a(2, 2), b(2, 2); a.at(0, 0) = 1; a.at(0, 1) = 2; a.at(1, 0) = 3; a.at(1, 1) = 4; b.at(0, 0) = b.at(1, 1) = 2;
  (a * b).print();
  show(vector<int>{3, 1, 2}, ", "); show(split("a,b,c", ',')); cout << add(1, 2.5) << add(string("x"), "y") << endl;
  cout << fibo(30) << endl;
  map<char, int> freq; for (char ch : string("mississippi")) freq[ch]++;
  for (auto& [k, v] : freq) cout << k << v << " "; cout << endl;
  auto best = max_element(freq.begin(), freq.end(), [](auto& p, auto& q) { return p.second < q.second; }); cout << best->first << endl;
  vector<pair<int, string>> v; v.emplace_back(2, "b"); v.push_back({1, "z"}); v.push_back(make_pair(1, "a")); sort(v.begin(), v.end()); for (auto& p : v) cout << p.first << p.second << ' '; cout << endl;
  string line = "The quick brown fox"; stringstream in(line); string w; int n = 0; string longest; while (in >> w) { n++; if (w.size() > longest.size()) longest = w; } cout << n << longest << endl;
  int x = 7; int& ref = x; ref++; const int* p = &x; cout << x << *p << endl;
  string rev(line.rbegin(), line.rend()); cout << rev << endl;
  cout << count(line.begin(), line.end(), 'o') << (line.find("fox") != string::npos ? "yes" : "no") << endl;
  vector<int> e(5, 1); e.insert(e.begin(), 9); e.pop_back(); e.erase(e.begin() + 1); show(e); reverse(e.begin(), e.end()); show(e); cout << e.front() << e.back() << e.at(1) << endl;
  try { e.at(99); } catch (const out_of_range& err) { cout << "range" << endl; } catch (...) { cout << "?"; }
  enum Color { RED, GREEN = 5, BLUE }; Color c = BLUE; cout << c << (c == BLUE) << endl;
  for (int i = 10; i > 0; i -= 3) cout << i << (i > 3 ? "," : "\n");
  unsigned u = 3; u -= 4; cout << (u > 1000) << " " << 'a' << char(98) << " " << 1.0 / 3 << " " << 1e10 << " " << 100000000.0 << " " << 0.1f << endl;
}
