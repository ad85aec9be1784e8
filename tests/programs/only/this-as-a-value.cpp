#include <iostream>
#include <vector>
#include <string>
using namespace std;
class Node {
    string name;
    Node* parent = nullptr;
    vector<Node*> kids;
public:
    Node(string n) : name(n) {}
    Node* add(Node* kid) {
        kid->parent = this;
        kids.push_back(kid);
        return this;
    }
    bool isRoot() const { return parent == nullptr; }
    bool above(const Node* other) const {
        while (other != nullptr) {
            if (other == this) return true;
            other = other->parent;
        }
        return false;
    }
    void rename(string n) { this->name = n; }
    string path() const { return parent ? parent->path() + "/" + name : name; }
    bool same(const Node& o) const { return this == &o; }
};
int main() {
    Node a("a"), b("b"), c("c");
    a.add(&b)->add(&c);
    Node d("d");
    b.add(&d);
    cout << d.path() << " " << a.isRoot() << c.isRoot() << a.above(&d) << b.above(&c) << endl;
    a.rename("root");
    cout << d.path() << a.same(a) << a.same(b) << endl;
}
