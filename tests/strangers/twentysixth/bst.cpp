#include <iostream>
#include <memory>
#include <vector>
#include <string>
#include <functional>

template <typename Key, typename Value>
class TreeMap {
    struct Node {
        Key key;
        Value value;
        std::unique_ptr<Node> left, right;
        Node(const Key& k, const Value& v) : key(k), value(v) {}
    };
    std::unique_ptr<Node> root;
    std::size_t count = 0;

    Node* find(const Key& key) const {
        Node* n = root.get();
        while (n && n->key != key)
            n = key < n->key ? n->left.get() : n->right.get();
        return n;
    }
    static int height(const Node* n) {
        return n ? 1 + std::max(height(n->left.get()), height(n->right.get())) : 0;
    }
    static void walk(const Node* n, const std::function<void(const Key&, const Value&)>& visit) {
        if (!n) return;
        walk(n->left.get(), visit);
        visit(n->key, n->value);
        walk(n->right.get(), visit);
    }
public:
    Value& operator[](const Key& key) {
        std::unique_ptr<Node>* at = &root;
        while (*at && (*at)->key != key)
            at = key < (*at)->key ? &(*at)->left : &(*at)->right;
        if (!*at) {
            *at = std::make_unique<Node>(key, Value{});
            ++count;
        }
        return (*at)->value;
    }
    bool contains(const Key& key) const { return find(key) != nullptr; }
    std::size_t size() const { return count; }
    int height() const { return height(root.get()); }
    void each(const std::function<void(const Key&, const Value&)>& visit) const { walk(root.get(), visit); }
};

int main() {
    TreeMap<std::string, int> words;
    std::string text[] = {"moss", "fern", "reed", "fern", "ivy", "moss", "fern"};
    for (const auto& w : text) words[w]++;
    words.each([](const std::string& k, const int& v) { std::cout << k << ": " << v << '\n'; });
    std::cout << words.size() << " words, height " << words.height() << std::endl;
    std::cout << std::boolalpha << words.contains("ivy") << ' ' << words.contains("oak") << '\n';
    TreeMap<int, double> squares;
    for (int i = 1; i <= 5; i++) squares[i] = i * i / 2.0;
    double sum = 0;
    squares.each([&sum](const int&, const double& v) { sum += v; });
    std::cout << sum << '\n';
}
