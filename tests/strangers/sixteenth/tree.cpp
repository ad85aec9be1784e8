#include <iostream>
#include <string>
using namespace std;

struct Node {
    string word;
    int count = 1;
    Node *left = nullptr, *right = nullptr;
    explicit Node(const string& w) : word(w) {}
};

Node* insert(Node* root, const string& word) {
    if (root == nullptr) return new Node(word);
    if (word < root->word) root->left = insert(root->left, word);
    else if (word > root->word) root->right = insert(root->right, word);
    else root->count++;
    return root;
}

void inorder(const Node* node, int depth = 0) {
    if (!node) return;
    inorder(node->left, depth + 1);
    cout << string(2 * depth, ' ') << node->word << " (" << node->count << ")" << endl;
    inorder(node->right, depth + 1);
}

int height(Node* n) { return n ? 1 + max(height(n->left), height(n->right)) : 0; }

Node* smallest(Node* n) {
    while (n && n->left) n = n->left;
    return n;
}

Node* removeNode(Node* root, const string& word) {
    if (!root) return nullptr;
    if (word < root->word) root->left = removeNode(root->left, word);
    else if (word > root->word) root->right = removeNode(root->right, word);
    else {
        if (!root->left) { Node* r = root->right; delete root; return r; }
        if (!root->right) { Node* l = root->left; delete root; return l; }
        Node* next = smallest(root->right);
        root->word = next->word;
        root->count = next->count;
        root->right = removeNode(root->right, next->word);
    }
    return root;
}

void destroy(Node* n) {
    if (n) {
        destroy(n->left);
        destroy(n->right);
        delete n;
    }
}

int main() {
    Node* root = nullptr;
    string words[] = {"leek", "bean", "pea", "kale", "bean", "rose", "mint", "bean"};
    for (const string& w : words) root = insert(root, w);
    inorder(root);
    cout << "height " << height(root) << ", first " << smallest(root)->word << endl;
    root = removeNode(root, "leek");
    root = removeNode(root, "zinnia");
    inorder(root);
    destroy(root);
    return 0;
}
