#include <algorithm>
#include <functional>
#include <iostream>
#include <queue>
#include <string>

class BST {
    struct Node {
        int key;
        Node *left = nullptr, *right = nullptr;
        Node(int k) : key(k) {}
    };
    Node* root = nullptr;
    int size_ = 0;

    Node* insert(Node* n, int key) {
        if (!n) { ++size_; return new Node(key); }
        if (key < n->key) n->left = insert(n->left, key);
        else if (key > n->key) n->right = insert(n->right, key);
        return n;
    }
    int height(Node* n) const { return n ? 1 + std::max(height(n->left), height(n->right)) : 0; }
    void inorder(Node* n, const std::function<void(int)>& visit) const {
        if (!n) return;
        inorder(n->left, visit);
        visit(n->key);
        inorder(n->right, visit);
    }
    void destroy(Node* n) {
        if (n) { destroy(n->left); destroy(n->right); delete n; }
    }
public:
    BST() = default;
    BST(std::initializer_list<int> keys) { for (int k : keys) add(k); }
    ~BST() { destroy(root); }
    BST(const BST&) = delete;
    BST& operator=(const BST&) = delete;

    void add(int key) { root = insert(root, key); }
    bool contains(int key) const {
        Node* n = root;
        while (n && n->key != key) n = key < n->key ? n->left : n->right;
        return n != nullptr;
    }
    int size() const { return size_; }
    int height() const { return height(root); }
    void each(const std::function<void(int)>& visit) const { inorder(root, visit); }
    void levels() const {
        std::queue<std::pair<Node*, int>> q;
        if (root) q.push({root, 0});
        int last = 0;
        while (!q.empty()) {
            auto [n, depth] = q.front();
            q.pop();
            if (depth != last) { std::cout << '\n'; last = depth; }
            std::cout << n->key << ' ';
            if (n->left) q.push({n->left, depth + 1});
            if (n->right) q.push({n->right, depth + 1});
        }
        std::cout << '\n';
    }
};

int main() {
    BST t{50, 30, 70, 20, 40, 60, 80, 30};
    t.add(65);
    int sum = 0;
    t.each([&sum](int k) { sum += k; });
    std::string line;
    t.each([&](int k) { line += (line.empty() ? "" : ", ") + std::to_string(k); });
    std::cout << line << "\nsum " << sum << ", size " << t.size() << ", height " << t.height() << '\n';
    t.levels();
    std::cout << std::boolalpha << t.contains(60) << ' ' << t.contains(61) << std::endl;
}
