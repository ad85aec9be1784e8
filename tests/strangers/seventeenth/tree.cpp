#include <iostream>
#include <memory>
#include <functional>
#include <queue>
#include <sstream>
#include <string>

template <typename T>
class BST {
    struct Node {
        T value;
        std::unique_ptr<Node> left, right;
        Node(T v) : value(std::move(v)) {}
    };
    std::unique_ptr<Node> root;
    int size_ = 0;

    int height(const Node* n) const {
        return n ? 1 + std::max(height(n->left.get()), height(n->right.get())) : 0;
    }
    void walk(const Node* n, const std::function<void(const T&)>& fn) const {
        if (!n) return;
        walk(n->left.get(), fn);
        fn(n->value);
        walk(n->right.get(), fn);
    }

public:
    bool insert(const T& v) {
        std::unique_ptr<Node>* at = &root;
        while (*at) {
            if (v == (*at)->value) return false;
            at = v < (*at)->value ? &(*at)->left : &(*at)->right;
        }
        *at = std::make_unique<Node>(v);
        ++size_;
        return true;
    }
    bool contains(const T& v) const {
        const Node* n = root.get();
        while (n && n->value != v) n = v < n->value ? n->left.get() : n->right.get();
        return n != nullptr;
    }
    void each(const std::function<void(const T&)>& fn) const { walk(root.get(), fn); }
    int height() const { return height(root.get()); }
    int size() const { return size_; }
};

int main() {
    BST<int> t;
    for (int x : {50, 30, 70, 20, 40, 60, 80, 30}) {
        if (!t.insert(x)) std::cout << x << " again\n";
    }
    std::ostringstream out;
    int sum = 0;
    t.each([&](const int& v) { out << v << ' '; sum += v; });
    std::cout << out.str() << "| sum " << sum << " height " << t.height() << " size " << t.size() << '\n';
    std::cout << t.contains(60) << t.contains(65) << std::endl;
    BST<std::string> words;
    std::istringstream in("rake hoe spade fork hoe");
    std::string w;
    while (in >> w) words.insert(w);
    words.each([](const std::string& s) { std::cout << s << ","; });
    std::cout << words.size() << "\n";
}
