#include <iostream>
#include <string>
using namespace std;

class Node {
public:
    int value;
    Node *left;
    Node *right;
    Node(int v) : value(v), left(nullptr), right(nullptr) {}
};

class Tree {
private:
    Node *root = nullptr;
    int size_ = 0;

    Node *insert(Node *node, int value) {
        if (node == nullptr) {
            size_++;
            return new Node(value);
        }
        if (value < node->value) node->left = insert(node->left, value);
        else if (value > node->value) node->right = insert(node->right, value);
        return node;
    }
    void inOrder(Node *node, string &out) const {
        if (!node) return;
        inOrder(node->left, out);
        out += to_string(node->value) + " ";
        inOrder(node->right, out);
    }
    int height(const Node *node) const { return node ? 1 + max(height(node->left), height(node->right)) : 0; }
    void clear(Node *node) {
        if (node) {
            clear(node->left);
            clear(node->right);
            delete node;
        }
    }

public:
    ~Tree() { clear(root); }
    void insert(int value) { root = insert(root, value); }
    bool contains(int value) const {
        Node *n = root;
        while (n) {
            if (n->value == value) return true;
            n = value < n->value ? n->left : n->right;
        }
        return false;
    }
    string str() const {
        string out;
        inOrder(root, out);
        return out;
    }
    int size() const { return size_; }
    int height() const { return height(root); }
};

int main() {
    Tree t;
    for (int v : {50, 30, 70, 20, 40, 60, 80, 30}) t.insert(v);
    cout << t.str() << "| " << t.size() << " nodes, height " << t.height() << endl;
    cout << t.contains(60) << t.contains(65) << endl;
}
