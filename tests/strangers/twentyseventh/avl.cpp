#include <iostream>
#include <algorithm>
#include <vector>
#include <queue>
using namespace std;
struct Node {
    int key, height;
    Node *left, *right;
    Node(int k) : key(k), height(1), left(NULL), right(NULL) {}
};
int height(Node *n) { return n ? n->height : 0; }
int balance(Node *n) { return n ? height(n->left) - height(n->right) : 0; }
void update(Node *n) { n->height = 1 + max(height(n->left), height(n->right)); }
Node *rotateRight(Node *y) {
    Node *x = y->left;
    y->left = x->right;
    x->right = y;
    update(y);
    update(x);
    return x;
}
Node *rotateLeft(Node *x) {
    Node *y = x->right;
    x->right = y->left;
    y->left = x;
    update(x);
    update(y);
    return y;
}
Node *insert(Node *n, int key) {
    if (n == NULL) return new Node(key);
    if (key < n->key) n->left = insert(n->left, key);
    else if (key > n->key) n->right = insert(n->right, key);
    else return n;
    update(n);
    int b = balance(n);
    if (b > 1 && key < n->left->key) return rotateRight(n);
    if (b < -1 && key > n->right->key) return rotateLeft(n);
    if (b > 1) { n->left = rotateLeft(n->left); return rotateRight(n); }
    if (b < -1) { n->right = rotateRight(n->right); return rotateLeft(n); }
    return n;
}
Node *minimum(Node *n) { while (n->left) n = n->left; return n; }
Node *erase(Node *n, int key) {
    if (!n) return n;
    if (key < n->key) n->left = erase(n->left, key);
    else if (key > n->key) n->right = erase(n->right, key);
    else {
        if (!n->left || !n->right) {
            Node *t = n->left ? n->left : n->right;
            delete n;
            return t;
        }
        Node *m = minimum(n->right);
        n->key = m->key;
        n->right = erase(n->right, m->key);
    }
    update(n);
    return n;
}
void inorder(const Node *n, vector<int> &out) {
    if (!n) return;
    inorder(n->left, out);
    out.push_back(n->key);
    inorder(n->right, out);
}
void levels(Node *root) {
    queue<pair<Node *, int>> q;
    if (root) q.push({root, 0});
    int last = -1;
    while (!q.empty()) {
        pair<Node *, int> p = q.front();
        q.pop();
        if (p.second != last) { if (last >= 0) cout << endl; last = p.second; }
        cout << p.first->key << " ";
        if (p.first->left) q.push(make_pair(p.first->left, p.second + 1));
        if (p.first->right) q.push(make_pair(p.first->right, p.second + 1));
    }
    cout << endl;
}
int depth(Node *n, int key, int d = 0) { return !n ? -1 : n->key == key ? d : key < n->key ? depth(n->left, key, d + 1) : depth(n->right, key, d + 1); }
int main() {
    Node *root = NULL;
    for (int k = 1; k <= 10; k++) root = insert(root, k * 7 % 11);
    levels(root);
    cout << height(root) << " " << depth(root, 1) << " " << depth(root, 50) << endl;
    root = erase(root, root->key);
    root = erase(root, 100);
    vector<int> v;
    inorder(root, v);
    for (size_t i = 0; i < v.size(); i++) cout << v[i] << (i + 1 < v.size() ? "," : "\n");
    cout << boolalpha << is_sorted(v.begin(), v.end()) << endl;
}
