#include <iostream>
#include <functional>
#include <optional>
#include <queue>
#include <string>
#include <utility>

template <class K, class V>
class TreeMap {
    struct Node {
        K key;
        V value;
        Node *left = nullptr, *right = nullptr;
        Node(const K& k, const V& v) : key(k), value(v) {}
    };
    Node* root = nullptr;
    size_t count = 0;

    Node* insert(Node* n, const K& k, const V& v) {
        if (!n) { ++count; return new Node(k, v); }
        if (k < n->key) n->left = insert(n->left, k, v);
        else if (n->key < k) n->right = insert(n->right, k, v);
        else n->value = v;
        return n;
    }
    static int height(const Node* n) { return n ? 1 + std::max(height(n->left), height(n->right)) : 0; }
    static void destroy(Node* n) {
        if (!n) return;
        destroy(n->left);
        destroy(n->right);
        delete n;
    }
    Node* minNode(Node* n) const { while (n->left) n = n->left; return n; }
    Node* erase(Node* n, const K& k) {
        if (!n) return nullptr;
        if (k < n->key) n->left = erase(n->left, k);
        else if (n->key < k) n->right = erase(n->right, k);
        else {
            if (!n->left || !n->right) {
                Node* child = n->left ? n->left : n->right;
                delete n;
                --count;
                return child;
            }
            Node* m = minNode(n->right);
            n->key = m->key;
            n->value = m->value;
            n->right = erase(n->right, m->key);
        }
        return n;
    }
    void visit(const Node* n, const std::function<void(const K&, const V&)>& f) const {
        if (n == nullptr) return;
        visit(n->left, f);
        f(n->key, n->value);
        visit(n->right, f);
    }
public:
    TreeMap() = default;
    TreeMap(const TreeMap&) = delete;
    TreeMap& operator=(const TreeMap&) = delete;
    ~TreeMap() { destroy(root); }
    void put(const K& k, const V& v) { root = insert(root, k, v); }
    std::optional<V> get(const K& k) const {
        for (Node* n = root; n != nullptr; n = k < n->key ? n->left : n->right)
            if (!(k < n->key) && !(n->key < k)) return n->value;
        return std::nullopt;
    }
    void remove(const K& k) { root = erase(root, k); }
    size_t size() const { return count; }
    int height() const { return height(root); }
    void each(const std::function<void(const K&, const V&)>& f) const { visit(root, f); }
    void levels() const {
        if (!root) return;
        std::queue<std::pair<Node*, int>> q;
        q.push({root, 0});
        int last = 0;
        while (!q.empty()) {
            auto [n, d] = q.front();
            q.pop();
            if (d != last) { std::cout << "| "; last = d; }
            std::cout << n->key << ' ';
            if (n->left) q.push({n->left, d + 1});
            if (n->right) q.push({n->right, d + 1});
        }
        std::cout << '\n';
    }
};

int main() {
    TreeMap<std::string, int> heights;
    const std::pair<const char*, int> data[] = {{"moss", 2}, {"fern", 40}, {"oak", 900}, {"ash", 700}, {"hop", 300}, {"yew", 500}};
    for (const auto& [name, h] : data) heights.put(name, h);
    heights.put("moss", 3);
    heights.levels();
    std::cout << heights.size() << ' ' << heights.height() << '\n';
    int total = 0;
    heights.each([&total](const std::string& k, const int& v) { std::cout << k << '=' << v << ' '; total += v; });
    std::cout << total << '\n';
    if (auto found = heights.get("oak")) std::cout << "oak " << *found << '\n';
    std::cout << heights.get("elm").has_value() << ' ' << heights.get("elm").value_or(-1) << '\n';
    heights.remove("moss");
    heights.remove("zzz");
    heights.levels();
    TreeMap<int, char> small;
    for (int i : {5, 2, 8}) small.put(i, 'a' + i);
    small.each([](int k, char c) { std::cout << k << c << ' '; });
    std::cout << '\n';
}
