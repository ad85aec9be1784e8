#include <iostream>
struct Node { int v; Node* next; };
int sum(const Node* n) { int s = 0; while (n) { s += n->v; n = n->next; } return s; }
int main() {
    Node a{1, nullptr}; Node b{2, &a};
    const Node* n = &b;
    while (n && n->v != 9) n = n->next;
    std::cout << (n == nullptr) << sum(&b) << "\n";
}
