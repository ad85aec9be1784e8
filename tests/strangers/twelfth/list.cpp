#include <iostream>
#include <memory>
using namespace std;

struct Node {
    int value;
    Node* next;
    Node(int v) : value(v), next(nullptr) {}
};

class List {
private:
    Node* head = nullptr;
    int count = 0;
public:
    ~List() {
        while (head != nullptr) {
            Node* old = head;
            head = head->next;
            delete old;
        }
    }
    void push(int v) {
        Node* n = new Node(v);
        n->next = head;
        head = n;
        count++;
    }
    void append(int v) {
        if (!head) { push(v); return; }
        Node* at = head;
        while (at->next) at = at->next;
        at->next = new Node(v);
        ++count;
    }
    bool remove(int v) {
        Node** at = &head;
        while (*at) {
            if ((*at)->value == v) {
                Node* gone = *at;
                *at = gone->next;
                delete gone;
                count--;
                return true;
            }
            at = &(*at)->next;
        }
        return false;
    }
    void print() const {
        for (Node* n = head; n; n = n->next) cout << n->value << (n->next ? " -> " : "\n");
    }
    int size() const { return count; }
};

int main() {
    List l;
    l.push(2); l.push(1); l.append(3);
    l.print();
    cout << l.size() << endl;
    cout << l.remove(2) << l.remove(9) << endl;
    l.print();
    return 0;
}
