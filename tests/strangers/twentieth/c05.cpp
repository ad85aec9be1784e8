#include <iostream>
using namespace std;

struct Node {
    int value;
    Node* next;
    Node(int v) : value(v), next(nullptr) {}
};

class LinkedList {
    Node* head;
    int size;

public:
    LinkedList() : head(nullptr), size(0) {}
    ~LinkedList() {
        while (head != nullptr) {
            Node* old = head;
            head = head->next;
            delete old;
        }
    }
    void append(int v) {
        Node* node = new Node(v);
        if (head == nullptr) {
            head = node;
        } else {
            Node* current = head;
            while (current->next != nullptr) current = current->next;
            current->next = node;
        }
        size++;
    }
    void prepend(int v) {
        Node* node = new Node(v);
        node->next = head;
        head = node;
        size++;
    }
    bool remove(int v) {
        Node* prev = nullptr;
        Node* cur = head;
        while (cur) {
            if (cur->value == v) {
                if (prev) prev->next = cur->next;
                else head = cur->next;
                delete cur;
                size--;
                return true;
            }
            prev = cur;
            cur = cur->next;
        }
        return false;
    }
    void reverse() {
        Node *prev = nullptr, *cur = head, *next;
        while (cur) {
            next = cur->next;
            cur->next = prev;
            prev = cur;
            cur = next;
        }
        head = prev;
    }
    void print() const {
        for (Node* n = head; n != nullptr; n = n->next) {
            cout << n->value;
            if (n->next) cout << " -> ";
        }
        cout << " (" << size << ")" << endl;
    }
};

struct TreeNode {
    int key;
    TreeNode *left = nullptr, *right = nullptr;
};

TreeNode* insert(TreeNode* root, int key) {
    if (!root) {
        TreeNode* n = new TreeNode;
        n->key = key;
        return n;
    }
    if (key < root->key) root->left = insert(root->left, key);
    else root->right = insert(root->right, key);
    return root;
}

void inorder(TreeNode* root) {
    if (root == nullptr) return;
    inorder(root->left);
    cout << root->key << " ";
    inorder(root->right);
}

int height(const TreeNode* r) {
    return r ? 1 + max(height(r->left), height(r->right)) : 0;
}

int main() {
    LinkedList list;
    for (int i = 1; i <= 5; i++) list.append(i * 10);
    list.prepend(5);
    list.print();
    list.remove(30);
    cout << list.remove(99) << endl;
    list.reverse();
    list.print();
    TreeNode* root = nullptr;
    int keys[] = {50, 30, 70, 20, 40};
    for (int k : keys) root = insert(root, k);
    inorder(root);
    cout << "height " << height(root) << endl;
    int x = 5;
    int* p = &x;
    *p = 7;
    cout << x << " " << *p << endl;
    int& r = x;
    r++;
    cout << x << endl;
}
