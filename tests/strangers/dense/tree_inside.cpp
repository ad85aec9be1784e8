#include <iostream>
#include <stack>
using namespace std;
template <typename T> class Tree {
    struct Node { T key; Node* left; Node* right; };
    Node* root = nullptr;
    void walk(Node* n) { if (!n) return; walk(n->left); cout << n->key << " "; walk(n->right); }
    Node* add(Node* n, T key) {
        if (!n) return new Node{key, nullptr, nullptr};
        if (key < n->key) n->left = add(n->left, key);
        else n->right = add(n->right, key);
        return n;
    }
public:
    void add(T key) { root = add(root, key); }
    void print() { walk(root); cout << endl; }
};
int main() {
    Tree<int> t;
    for (int x : {5, 2, 8, 1, 9}) t.add(x);
    t.print();
}
