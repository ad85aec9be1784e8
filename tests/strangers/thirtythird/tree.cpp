#include <iostream>
#include <queue>
#include <string>
#include <functional>

template <class K, class V>
class Tree {
    struct Node {
        K key;
        V value;
        Node *left = nullptr, *right = nullptr;
        Node(const K& k, const V& v) : key(k), value(v) {}
    };
    Node* root = nullptr;
    int size_ = 0;

    Node* insert(Node* node, const K& k, const V& v) {
        if (!node) {
            size_++;
            return new Node(k, v);
        }
        if (k < node->key) node->left = insert(node->left, k, v);
        else if (node->key < k) node->right = insert(node->right, k, v);
        else node->value = v;
        return node;
    }
    static int height(const Node* n) { return n ? 1 + std::max(height(n->left), height(n->right)) : 0; }
    static void destroy(Node* n) {
        if (!n) return;
        destroy(n->left);
        destroy(n->right);
        delete n;
    }
    template <typename F>
    void walk(Node* n, F f) const {
        if (n == nullptr) return;
        walk(n->left, f);
        f(n->key, n->value);
        walk(n->right, f);
    }

public:
    ~Tree() { destroy(root); }
    void put(const K& k, const V& v) { root = insert(root, k, v); }
    bool get(const K& k, V& out) const {
        Node* n = root;
        while (n) {
            if (k == n->key) { out = n->value; return true; }
            n = k < n->key ? n->left : n->right;
        }
        return false;
    }
    int height() const { return height(root); }
    int size() const { return size_; }
    void each(std::function<void(const K&, const V&)> f) const { walk(root, f); }
    void levels() const {
        std::queue<Node*> q;
        if (root) q.push(root);
        while (!q.empty()) {
            int n = q.size();
            while (n-- > 0) {
                Node* x = q.front();
                q.pop();
                std::cout << x->key << ' ';
                if (x->left) q.push(x->left);
                if (x->right) q.push(x->right);
            }
            std::cout << '|';
        }
        std::cout << std::endl;
    }
};

int main() {
    Tree<std::string, int> t;
    std::string word;
    while (std::cin >> word) {
        int n = 0;
        t.get(word, n);
        t.put(word, n + 1);
    }
    t.each([](const std::string& k, const int& v) { std::cout << k << '=' << v << ' '; });
    std::cout << '\n' << t.size() << ' ' << t.height() << '\n';
    t.levels();
    Tree<int, char> letters;
    for (int i : {5, 2, 8, 1, 9, 3}) letters.put(i, 'a' + i);
    char c = '?';
    std::cout << letters.get(8, c) << c << letters.get(7, c) << c << '\n';
    int total = 0;
    letters.each([&total](int k, char) { total += k; });
    std::cout << total << '\n';
}
