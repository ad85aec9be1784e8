#include <iostream>
using namespace std;
struct Node { int data; Node *left, *right; };
void insert(Node** root, int value) {
    if (*root == NULL) {
        *root = new Node;
        (*root)->data = value;
        (*root)->left = (*root)->right = NULL;
        return;
    }
    if (value < (*root)->data)
        insert(&(*root)->left, value);
    else
        insert(&((*root)->right), value);
}
void walk(Node* n) { if (!n) return; walk(n->left); cout << n->data << " "; walk(n->right); }
void clear(Node** root) {
    if (*root) { clear(&(*root)->left); clear(&(*root)->right); delete *root; *root = nullptr; }
}
int main() {
    Node* root = NULL;
    int values[] = {5, 2, 8, 1};
    for (int v : values) insert(&root, v);
    walk(root);
    cout << endl;
    clear(&root);
    cout << (root == NULL) << endl;
}
