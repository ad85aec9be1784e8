#include <iostream>
#include <string>
#include <stdexcept>
using namespace std;

template <typename T>
class LinkedList {
    struct Node {
        T value;
        Node* next;
        Node(const T& v, Node* n = nullptr) : value(v), next(n) {}
    };
    Node* head = nullptr;
    int count = 0;

public:
    ~LinkedList() { clear(); }
    void pushFront(const T& v) { head = new Node(v, head); ++count; }
    void pushBack(const T& v) {
        Node** at = &head;
        while (*at) at = &(*at)->next;
        *at = new Node(v);
        ++count;
    }
    T popFront() {
        if (!head) throw underflow_error("empty list");
        Node* old = head;
        T v = old->value;
        head = old->next;
        delete old;
        --count;
        return v;
    }
    void reverse() {
        Node* prev = nullptr;
        while (head) {
            Node* next = head->next;
            head->next = prev;
            prev = head;
            head = next;
        }
        head = prev;
    }
    void clear() { while (head) popFront(); }
    int size() const { return count; }
    void print() const {
        for (Node* n = head; n; n = n->next) cout << n->value << (n->next ? " -> " : "\n");
    }
};

int main() {
    LinkedList<string> jobs;
    jobs.pushFront("dig");
    jobs.pushFront("plan");
    jobs.pushBack("sow");
    jobs.print();
    jobs.reverse();
    jobs.print();
    cout << jobs.popFront() << " " << jobs.size() << endl;
    LinkedList<int> n;
    for (int i = 0; i < 4; i++) n.pushFront(i * i);
    n.print();
    try {
        n.clear();
        n.popFront();
    } catch (const exception& e) {
        cout << "error: " << e.what() << endl;
    }
}
