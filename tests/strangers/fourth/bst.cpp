#include <iostream>
#include <algorithm>
#include <queue>
#include <stack>
using namespace std;
struct Tree { int key; Tree *left = nullptr, *right = nullptr; };
Tree* insert(Tree* t, int key) {
    if (!t) { t = new Tree; t->key = key; return t; }
    if (key < t->key) t->left = insert(t->left, key);
    else if (key > t->key) t->right = insert(t->right, key);
    return t;
}
void walk(Tree* t) { if (!t) return; walk(t->left); cout << t->key << ' '; walk(t->right); }
int height(const Tree* t) { return t ? 1 + max(height(t->left), height(t->right)) : 0; }
int main() {
    Tree* root = nullptr;
    for (int k : {50, 30, 70, 20, 40, 60, 80, 30}) root = insert(root, k);
    walk(root); cout << endl << height(root) << endl;
    queue<Tree*> q; q.push(root);
    while (!q.empty()) {
        Tree* t = q.front(); q.pop();
        cout << t->key << " ";
        if (t->left) q.push(t->left);
        if (t->right) q.push(t->right);
    }
    cout << endl;
    stack<char> st; string s = "([]{})"; bool ok = true;
    for (char c : s) {
        if (c == '(' || c == '[' || c == '{') st.push(c);
        else {
            char want = c == ')' ? '(' : c == ']' ? '[' : '{';
            if (st.empty() || st.top() != want) { ok = false; break; }
            st.pop();
        }
    }
    cout << (ok && st.empty() ? "balanced" : "no") << endl;
    priority_queue<int, vector<int>, greater<int>> pq;
    for (int x : {5, 1, 4}) pq.push(x);
    while (!pq.empty()) { cout << pq.top() << ' '; pq.pop(); }
    cout << '\n';
}
