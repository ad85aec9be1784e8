#include <iostream>
using namespace std;
struct Node { int data; Node* next; Node(int d) : data(d), next(nullptr) {} };
class List {
    Node* head = nullptr;
    int count = 0;
public:
    ~List() { while (head) { Node* n = head->next; delete head; head = n; } }
    void add(int d) {
        Node* n = new Node(d);
        if (!head) head = n;
        else { Node* cur = head; while (cur->next) cur = cur->next; cur->next = n; }
        count++;
    }
    bool remove(int d) {
        Node *cur = head, *prev = nullptr;
        while (cur != nullptr && cur->data != d) { prev = cur; cur = cur->next; }
        if (cur == nullptr) return false;
        if (prev == nullptr) head = cur->next; else prev->next = cur->next;
        delete cur; count--; return true;
    }
    void print() const { for (Node* c = head; c; c = c->next) cout << c->data << (c->next ? " -> " : "\n"); }
    int size() const { return count; }
};
int main() {
    List l; for (int i = 1; i <= 4; i++) l.add(i * i);
    l.print(); cout << l.remove(9) << l.remove(7) << endl; l.print(); cout << l.size() << endl;
}
