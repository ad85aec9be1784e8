#include <iostream>
#include <string>
#include <vector>
using namespace std;
#define MAX 10
#define PI 3.14159
#define SQUARE(x) ((x)*(x))
class Queue {
  int data[MAX]; int front, rear, count;
public:
  Queue() : front(0), rear(-1), count(0) {}
  bool empty() const { return count == 0; }
  bool full() const { return count == MAX; }
  bool enqueue(int x) { if (full()) return false; rear = (rear + 1) % MAX; data[rear] = x; count++; return true; }
  int dequeue() { if (empty()) { cerr << "empty\n"; return -1; } int x = data[front]; front = (front + 1) % MAX; count--; return x; }
};
class Time {
  int h, m;
public:
  Time(int h = 0, int m = 0) : h(h), m(m) { normalise(); }
  void normalise() { h += m / 60; m %= 60; h %= 24; }
  Time operator+(const Time &o) const { return Time(h + o.h, m + o.m); }
  bool operator<(const Time &o) const { return h * 60 + m < o.h * 60 + o.m; }
  bool operator==(const Time &o) const { return h == o.h && m == o.m; }
  Time &operator+=(int mins) { m += mins; normalise(); return *this; }
  string str() const { return (h < 10 ? "0" : "") + to_string(h) + ":" + (m < 10 ? "0" : "") + to_string(m); }
  friend ostream &operator<<(ostream &o, const Time &t);
  int hours() const { return h; }
};
ostream &operator<<(ostream &o, const Time &t) { o << t.h << "h" << t.m << "m"; return o; }
class Tree {
  struct Node { int v; Node *l, *r; Node(int v) : v(v), l(nullptr), r(nullptr) {} };
  Node *root; int n;
  Node *add(Node *t, int v) { if (!t) { n++; return new Node(v); } if (v < t->v) t->l = add(t->l, v); else if (v > t->v) t->r = add(t->r, v); return t; }
  void inorder(Node *t, vector<int> &out) const { if (t == nullptr) return; inorder(t->l, out); out.push_back(t->v); inorder(t->r, out); }
  int depth(Node *t) const { return t ? 1 + max(depth(t->l), depth(t->r)) : 0; }
public:
  Tree() : root(nullptr), n(0) {}
  void add(int v) { root = add(root, v); }
  vector<int> sorted() const { vector<int> out; inorder(root, out); return out; }
  int depth() const { return depth(root); } int size() const { return n; }
  bool has(int v) const { Node *t = root; while (t) { if (t->v == v) return true; t = v < t->v ? t->l : t->r; } return false; }
};
bool solve(int board[], int row, int n, int &count) {
  if (row == n) { count++; return true; }
  bool any = false;
  for (int c = 0; c < n; c++) {
    bool ok = true;
    for (int r = 0; r < row && ok; r++) if (board[r] == c || abs(board[r] - c) == row - r) ok = false;
    if (ok) { board[row] = c; if (solve(board, row + 1, n, count)) any = true; }
  }
  return any;
}
void permute(string s, int k, vector<string> &out) { if (k == (int)s.size()) { out.push_back(s); return; } for (int i = k; i < (int)s.size(); i++) { swap(s[k], s[i]); permute(s, k + 1, out); swap(s[k], s[i]); } }
int main() {
  Queue q; for (int i = 0; i < 12; i++) if (!q.enqueue(i * i)) cout << "full at " << i << endl;
  q.dequeue(); cout << q.dequeue() << q.empty() << endl;
  Time a(9, 50), b(0, 75), c = a + b; c += 30; cout << a << " " << b << " " << c << " " << c.str() << (a < b) << (a == Time(9, 50)) << endl;
  Tree t; for (int v : {5, 2, 8, 1, 9, 2}) t.add(v); for (int v : t.sorted()) cout << v << ' '; cout << t.depth() << t.size() << t.has(8) << t.has(7) << endl;
  int board[8], count = 0; solve(board, 0, 6, count); cout << count << endl;
  vector<string> out; permute("abc", 0, out); for (auto &s : out) cout << s << ' '; cout << endl;
  cout << SQUARE(3 + 1) << " " << PI * SQUARE(2) << endl;
  vector<vector<char>> g(3, vector<char>(3, '.')); g[1][1] = 'X'; g[0][2] = 'O'; for (auto &row : g) { for (char ch : row) cout << ch << ' '; cout << '\n'; }
  int m[3][3], k = 1; for (int i = 0; i < 3; i++) for (int j = 0; j < 3; j++) m[i][j] = k++; int d1 = 0, d2 = 0; for (int i = 0; i < 3; i++) { d1 += m[i][i]; d2 += m[i][2 - i]; } cout << d1 << d2 << endl;
  string text = "one two three two"; string target = "two"; size_t pos = 0; int found = 0; while ((pos = text.find(target, pos)) != string::npos) { found++; pos += target.length(); } cout << found << endl;
  string w; vector<string> words; for (char ch : text + " ") { if (ch == ' ') { if (w != "") words.push_back(w); w = ""; } else w += ch; } cout << words.size() << words.back() << endl;
  for (int i = 1; i <= 15; ++i) cout << (i % 15 == 0 ? "FizzBuzz" : i % 3 == 0 ? "Fizz" : i % 5 == 0 ? "Buzz" : to_string(i)) << (i < 15 ? " " : "\n");
  int x = 10, *px = &x; int &rx = x; rx++; *px += 5; cout << x << *px << rx << endl;
  int n = 0; if (x > 5 && (n = x / 2) > 3) cout << n << endl; else cout << "no" << endl;
  unsigned long long fact = 1; for (int i = 2; i <= 20; i++) fact *= i; cout << fact << endl;
}
