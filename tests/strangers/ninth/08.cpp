#include <iostream>
#include <stack>
#include <queue>
#include <set>
using namespace std;
bool balanced(const string& s) { stack<char> st; for (char c : s) { if (c == '(' || c == '[') st.push(c); else if (c == ')' || c == ']') { if (st.empty()) return false; char o = st.top(); st.pop(); if ((c == ')' && o != '(') || (c == ']' && o != '[')) return false; } } return st.empty(); }
struct Node { int val; Node* left; Node* right; Node(int v) : val(v), left(nullptr), right(nullptr) {} };
Node* insert(Node* root, int v) { if (!root) return new Node(v); if (v < root->val) root->left = insert(root->left, v); else root->right = insert(root->right, v); return root; }
void inorder(Node* n) { if (n == nullptr) return; inorder(n->left); cout << n->val << " "; inorder(n->right); }
int height(Node* n) { return n ? 1 + max(height(n->left), height(n->right)) : 0; }
int main() {
    cout << balanced("([])") << balanced("([)]") << endl;
    Node* root = nullptr; for (int v : {5, 3, 8, 1, 4}) root = insert(root, v);
    inorder(root); cout << height(root) << endl;
    queue<int> q; q.push(1); q.push(2); cout << q.front() << q.back() << q.size(); q.pop(); cout << q.front() << endl;
    set<int> s = {3, 1, 3}; s.insert(2); for (int x : s) cout << x; cout << s.size() << endl;
    priority_queue<int> pq; pq.push(3); pq.push(9); pq.push(1); while (!pq.empty()) { cout << pq.top() << " "; pq.pop(); } cout << endl;
    struct L { int v; L* next; }; L c{3, nullptr}, b{2, &c}, a{1, &b}; for (L* p = &a; p; p = p->next) cout << p->v; cout << endl;
}
