#include <iostream>
#include <vector>
#include <memory>
#include <string>
#include <utility>
using namespace std;

template <typename K, typename V>
class HashTable {
    static const int SIZE = 7;
    vector<vector<pair<K, V>>> buckets;
    int hash(const string& key) const {
        int h = 0;
        for (char c : key) h = (h * 31 + c) % SIZE;
        return h;
    }
public:
    HashTable() : buckets(SIZE) {}
    void put(const K& key, const V& value) {
        auto& bucket = buckets[hash(key)];
        for (auto& entry : bucket) {
            if (entry.first == key) {
                entry.second = value;
                return;
            }
        }
        bucket.push_back(make_pair(key, value));
    }
    bool get(const K& key, V& value) const {
        for (const auto& [k, v] : buckets[hash(key)]) {
            if (k == key) {
                value = v;
                return true;
            }
        }
        return false;
    }
    int size() const {
        int n = 0;
        for (const auto& b : buckets) n += b.size();
        return n;
    }
};

struct TreeNode {
    int value;
    unique_ptr<TreeNode> left, right;
    explicit TreeNode(int v) : value(v) {}
};

void insert(unique_ptr<TreeNode>& node, int v) {
    if (!node) {
        node = make_unique<TreeNode>(v);
    } else if (v < node->value) {
        insert(node->left, v);
    } else {
        insert(node->right, v);
    }
}

void inorder(const unique_ptr<TreeNode>& node, vector<int>& out) {
    if (node) {
        inorder(node->left, out);
        out.push_back(node->value);
        inorder(node->right, out);
    }
}

int depth(const TreeNode* node) {
    if (node == nullptr) return 0;
    return 1 + max(depth(node->left.get()), depth(node->right.get()));
}

int main() {
    HashTable<string, int> ages;
    ages.put("ash", 4);
    ages.put("elm", 7);
    ages.put("ash", 5);
    int age = -1;
    cout << ages.get("ash", age) << " " << age << " " << ages.get("oak", age) << " " << age << " " << ages.size() << endl;
    unique_ptr<TreeNode> root;
    for (int v : {5, 2, 8, 1, 9, 3}) insert(root, v);
    vector<int> values;
    inorder(root, values);
    for (size_t i = 0; i < values.size(); ++i) cout << (i ? ", " : "") << values[i];
    cout << " depth " << depth(root.get()) << endl;
}
